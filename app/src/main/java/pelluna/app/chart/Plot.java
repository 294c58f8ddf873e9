package pelluna.app.chart;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.drawing.Svg;

/**
 * A rectangle of a drawing in which values have their place: its axes with their marks, and what is laid into it.
 * Several may lie in one drawing, over the same days. A point says its value to whoever points at it, touches it or
 * goes there by keys ({@code charts.js}).
 */
public class Plot {
    /** A text so near an end of the axis begins or ends there. */
    private static final double AT_END = 22;

    private static final double APART = 46;

    private final Svg svg;
    private final Box box;
    private final Axis across;
    private final Axis up;
    private final List<Double> taken = new ArrayList<>();

    /** Where it lies, px of the drawing. */
    public record Box(double left, double top, double right, double bottom) {}

    /**
     * @param across the lower axis
     * @param up     the upright one
     */
    public Plot(Svg svg, Box box, Axis across, Axis up) {
        this.svg = svg;
        this.box = box;
        this.across = across;
        this.up = up;
    }

    /** Another one in the same drawing, over the same values of the lower axis. */
    public Plot row(double top, double bottom, Axis up) {
        return new Plot(svg, new Box(box.left(), top, box.right(), bottom), across, up);
    }

    public double x(double value) {
        return box.left() + (box.right() - box.left()) * across.share(value);
    }

    public double y(double value) {
        return box.bottom() - (box.bottom() - box.top()) * up.share(value);
    }

    public double left() {
        return box.left();
    }

    public double top() {
        return box.top();
    }

    public double bottom() {
        return box.bottom();
    }

    public double right() {
        return box.right();
    }

    public Svg svg() {
        return svg;
    }

    /** A line across at a value of the upright axis, its figure at the left; none for an empty one. */
    public void level(double value, String cssClass, String figure) {
        double y = y(value);
        svg.el("line", "class", cssClass, "x1", left(), "x2", right(), "y1", y, "y2", y);
        if (!figure.isEmpty()) {
            svg.text(left() - 6, y + 4, figure, "class", "small", "text-anchor", "end");
        }
    }

    /** The unit of the upright axis, above its figures. */
    public void unit(String unit) {
        svg.text(2, top() - 9, unit, "class", "small unit");
    }

    /** A line up at a value of the lower axis; its text below, if there is room beside the others. @return whether */
    public boolean mark(double value, String text) {
        double x = x(value);
        boolean room = upright(x);
        if (room) {
            String anchor = right() - x < AT_END ? "end" : x - left() < AT_END ? "start" : "middle";
            svg.text(x, bottom() + 17, text, "class", "small", "text-anchor", anchor);
        }
        return room;
    }

    /** A line up at a value of the lower axis; its text beside it at the top, if there is room beside the others. */
    public void head(double value, String text) {
        double x = x(value);
        if (upright(x) && x < right() - AT_END) {
            svg.text(x + 4, top() - 8, text, "class", "small");
        }
    }

    /** Draws the line. @return whether a text has room there, which is taken then */
    private boolean upright(double x) {
        svg.el("line", "class", "grid", "x1", x, "x2", x, "y1", top(), "y2", bottom());
        boolean room = taken.stream().allMatch(t -> Math.abs(t - x) > APART);
        if (room) {
            taken.add(x);
        }
        return room;
    }

    public void path(String cssClass, String d) {
        svg.el("path", "class", cssClass, "d", d);
    }

    /** A value that can be pointed at. @param says it in words */
    public void point(double atX, double atY, double radius, String cssClass, String says) {
        dot(x(atX), y(atY), radius, cssClass, says);
    }

    /** A dot that can be pointed at. @param x of its middle, px @param y of its middle, px */
    public void dot(double x, double y, double radius, String cssClass, String says) {
        String look = "chart-point " + cssClass;
        svg.el("circle", "class", look, "cx", x, "cy", y, "r", radius, "data-says", says);
    }

    /** Opens a group that says what it is: to whoever points at it, and in a file without scripts. */
    public Svg open(String cssClass, String says) {
        return svg.open("g", "class", "chart-point " + cssClass, "data-says", says)
                .open("title")
                .add(Svg.escape(says))
                .close("title");
    }

    /** A bar that can be pointed at. @param left px @param top px */
    public void bar(double left, double top, double wide, double high, String cssClass, String says) {
        svg.el(
                "rect",
                "class",
                "chart-point " + cssClass,
                "x",
                left,
                "y",
                top,
                "width",
                wide,
                "height",
                high,
                "data-says",
                says);
    }

    /** A picture as a point that can be pointed at. @param x of its middle, px @param y of its middle, px */
    public void picture(String href, double x, double y, double wide, double high, String says) {
        svg.el(
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
                says);
    }
}
