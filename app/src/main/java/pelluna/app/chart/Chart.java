package pelluna.app.chart;

import pelluna.app.drawing.Svg;

/** A drawing of its own with one plot that fills it but for a frame. */
public final class Chart extends Plot {
    private static final double TOP = 20;

    /**
     * Sizes in px of the drawing.
     *
     * @param left   room for the figures of the upright axis
     * @param right  room for names at the ends of lines
     * @param bottom room for the figures of the lower axis
     */
    public record Frame(double wide, double high, double left, double right, double bottom) {
        private Box box() {
            return new Box(left, TOP, wide - right, high - bottom);
        }
    }

    /**
     * @param label  what is drawn, for those who do not see it
     * @param across the lower axis
     * @param up     the upright one
     */
    public Chart(String cssClass, String label, Frame frame, Axis across, Axis up) {
        super(opened(cssClass, label, frame), frame.box(), across, up);
    }

    private static Svg opened(String cssClass, String label, Frame frame) {
        return new Svg()
                .open(
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

    /** Where the rows of a chart begin that has no upright axis of its own, px. */
    public static double rowsFrom() {
        return TOP;
    }

    /** The chart with its figures as a table under it. */
    public String end(ChartTable table) {
        return end() + table.markup();
    }

    public String end() {
        return svg().close("svg").toString();
    }
}
