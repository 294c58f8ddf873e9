package pelluna.app.chart;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.drawing.Svg;

/**
 * A chart being drawn: a frame, two axes with their marks, and what is laid into it. A point says its value to whoever
 * points at it, touches it or goes there by keys ({@code charts.js}).
 */
public final class Chart {
    private static final double TOP = 20;
    /** A text so near an end of the axis begins or ends there. */
    private static final double AT_END = 22;

    private static final double APART = 46;

    private final Svg svg = new Svg();
    private final Frame frame;
    private final Axis across;
    private final Axis up;
    private final List<Double> taken = new ArrayList<>();

    /**
     * Sizes in px of the drawing.
     *
     * @param left   room for the figures of the upright axis
     * @param right  room for names at the ends of lines
     * @param bottom room for the figures of the lower axis
     */
    public record Frame(double wide, double high, double left, double right, double bottom) {}

    /**
     * @param label  what is drawn, for those who do not see it
     * @param across the lower axis
     * @param up     the upright one
     */
    public Chart(String cssClass, String label, Frame frame, Axis across, Axis up) {
        this.frame = frame;
        this.across = across;
        this.up = up;
        svg.open(
                "svg",
                "class",
                "lanes chart " + cssClass,
                "viewBox",
                "0 0 " + Svg.num(frame.wide()) + " " + Svg.num(frame.high()),
                "role",
                "img",
                label.isEmpty() ? "aria-hidden" : "aria-label",
                label.isEmpty() ? "true" : label);
    }

    /** In the place of a chart that has nothing to show. */
    public static String empty(String says) {
        return "<p class=\"chart-empty soft\">" + Svg.escape(says) + "</p>";
    }

    public double x(double value) {
        return frame.left() + (right() - frame.left()) * across.share(value);
    }

    public double y(double value) {
        return bottom() - (bottom() - TOP) * up.share(value);
    }

    public double top() {
        return TOP;
    }

    public double bottom() {
        return frame.high() - frame.bottom();
    }

    public double right() {
        return frame.wide() - frame.right();
    }

    public Svg svg() {
        return svg;
    }

    /** A line across at a value of the upright axis, its figure at the left; none for an empty one. */
    public void level(double value, String cssClass, String figure) {
        double y = y(value);
        svg.el("line", "class", cssClass, "x1", frame.left(), "x2", right(), "y1", y, "y2", y);
        if (!figure.isEmpty()) {
            svg.text(frame.left() - 6, y + 4, figure, "class", "small", "text-anchor", "end");
        }
    }

    /** The unit of the upright axis, above its figures. */
    public void unit(String unit) {
        svg.text(2, TOP - 9, unit, "class", "small unit");
    }

    /** A line up at a value of the lower axis; its text below, if there is room beside the last one. @return whether */
    public boolean mark(double value, String text) {
        double x = x(value);
        svg.el("line", "class", "grid", "x1", x, "x2", x, "y1", TOP, "y2", bottom());
        boolean room = taken.stream().allMatch(t -> Math.abs(t - x) > APART);
        if (room) {
            taken.add(x);
            String anchor = right() - x < AT_END ? "end" : x - frame.left() < AT_END ? "start" : "middle";
            svg.text(x, bottom() + 17, text, "class", "small", "text-anchor", anchor);
        }
        return room;
    }

    public void path(String cssClass, String d) {
        svg.el("path", "class", cssClass, "d", d);
    }

    /** A value that can be pointed at. @param says it in words */
    public void point(double atX, double atY, double radius, String cssClass, String says) {
        svg.open(
                        "circle",
                        "class",
                        "chart-point " + cssClass,
                        "cx",
                        x(atX),
                        "cy",
                        y(atY),
                        "r",
                        radius,
                        "data-says",
                        says)
                .close("circle");
    }

    /** A picture as a point that can be pointed at. @param x of its middle, px @param y of its middle, px */
    public void picture(String href, double x, double y, double wide, double high, String says) {
        svg.open(
                        "image",
                        "class",
                        "chart-point",
                        "href",
                        href,
                        "x",
                        x - wide / 2,
                        "y",
                        y - high / 2,
                        "width",
                        wide,
                        "height",
                        high,
                        "data-says",
                        says)
                .close("image");
    }

    /** The chart with its figures as a table under it. */
    public String end(ChartTable table) {
        return end() + table.markup();
    }

    public String end() {
        return svg.close("svg").toString();
    }
}
