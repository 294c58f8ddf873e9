package pelluna.app.drawing;

import java.util.List;
import pelluna.core.behaviour.Pressure;
import pelluna.words.Words;

/** Received acts an hour over days, as small bars: a day that nobody watched is a gap, not a zero. */
public final class SparkLine {
    private static final double BAR = 12;
    private static final double HIGH = 28;

    private SparkLine() {}

    /** @param most the rate at full height, so that several lines can be held against each other; above 0 */
    public static String draw(List<Pressure.Day> days, double most, Words say) {
        Svg svg = new Svg();
        double wide = days.size() * BAR;
        svg.open(
                "svg",
                "class",
                "spark",
                "viewBox",
                "0 0 " + Svg.num(wide) + " " + Svg.num(HIGH + 4),
                "width",
                wide,
                "height",
                HIGH + 4,
                "role",
                "img",
                "aria-label",
                label(days, say));
        for (int i = 0; i < days.size(); i++) {
            double rate = days.get(i).rate();
            if (Double.isNaN(rate)) {
                svg.el("circle", "class", "unwatched", "cx", i * BAR + BAR / 2 - 1, "cy", HIGH, "r", 1.2);
            } else {
                double h = Math.max(1.5, HIGH * Math.min(1, rate / most));
                svg.el("rect", "class", "received", "x", i * BAR, "y", HIGH + 1 - h, "width", BAR - 3, "height", h);
            }
        }
        return svg.close("svg").toString();
    }

    private static String label(List<Pressure.Day> days, Words say) {
        StringBuilder text = new StringBuilder(say.text("page.drawing.weighedActsAnHourDayByDay"));
        for (Pressure.Day d : days) {
            text.append(
                            Double.isNaN(d.rate())
                                    ? say.text("page.drawing.notWatched")
                                    : Long.toString(Math.round(d.rate())))
                    .append(d == days.get(days.size() - 1) ? "" : ", ");
        }
        return text.toString();
    }
}
