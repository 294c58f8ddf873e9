package pelluna.app.drawing;

import java.util.List;
import pelluna.core.losses.KaplanMeier;
import pelluna.words.Words;

/**
 * Survival as a line with its band over days kept, time stretched at the start, where most is lost; ticks for those
 * last known alive; under it how many were still followed.
 */
public final class SurvivalDrawing {
    private static final double WIDE = 720;
    private static final double HIGH = 250;
    private static final double LEFT = 46;
    private static final double TOP = 14;
    private static final double BOTTOM = 52;
    private static final double[] MARKS = {7, 30, 91, 182, 365, 730, 1095, 1826, 2557, 3652};
    private static final String[] NAMES = {
        "week", "month", "month3", "month6", "year", "year2", "year3", "year5", "year7", "year10"
    };

    private SurvivalDrawing() {}

    /** @param observed everybody behind the curve */
    public static String draw(KaplanMeier k, List<KaplanMeier.Observed> observed, Words say) {
        double until = Math.max(30, k.followed());
        Scale s = new Scale(LEFT, WIDE - 12, TOP, HIGH - BOTTOM, until);
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "lanes survival",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(HIGH),
                "role",
                "img",
                "aria-label",
                say.text("page.drawing.survival", k.lost(), k.subjects()));
        for (int share = 0; share <= 100; share += 25) {
            double y = s.y(share / 100.0);
            svg.el("line", "class", "grid", "x1", LEFT, "x2", WIDE - 12, "y1", y, "y2", y);
            svg.text(LEFT - 7, y + 4, share + " %", "class", "small", "text-anchor", "end");
        }
        svg.fitted(0, HIGH - 8, LEFT - 14, say.text("page.drawing.fish"), 13, "class", "small");
        double last = LEFT;
        svg.text(LEFT, HIGH - 8, Integer.toString(k.subjects()), "class", "figure", "text-anchor", "middle");
        for (int i = 0; i < MARKS.length && MARKS[i] <= until; i++) {
            double x = s.x(MARKS[i]);
            svg.el("line", "class", "grid", "x1", x, "x2", x, "y1", TOP, "y2", HIGH - BOTTOM);
            if (x - last > 52) {
                double day = MARKS[i];
                svg.text(
                        x,
                        HIGH - BOTTOM + 17,
                        say.text("page.drawing.after", NAMES[i]),
                        "class",
                        "small",
                        "text-anchor",
                        "middle");
                svg.text(
                        x,
                        HIGH - 8,
                        Long.toString(
                                observed.stream().filter(o -> o.time() >= day).count()),
                        "class",
                        "figure",
                        "text-anchor",
                        "middle");
                last = x;
            }
        }
        if (k.subjects() > 0) {
            svg.el("path", "class", "band", "d", band(k, s));
            svg.el("path", "class", "alive", "d", line(k, s));
            for (KaplanMeier.Observed o : observed) {
                if (!o.lost()) {
                    double x = s.x(o.time());
                    double y = s.y(k.at(o.time()));
                    svg.el("line", "class", "last-seen", "x1", x, "x2", x, "y1", y - 4, "y2", y + 4);
                }
            }
            k.steps()
                    .forEach(t -> svg.el(
                            "circle", "class", "loss-dot", "cx", s.x(t.time()), "cy", s.y(t.survival()), "r", 4));
        }
        return svg.close("svg").toString();
    }

    /** The same in a table's cell. @param until days of the axis, the same for all rows */
    public static String spark(KaplanMeier k, double until) {
        Scale s = new Scale(2, 128, 3, 31, Math.max(1, until));
        Svg svg = new Svg();
        svg.open("svg", "class", "lanes survival-spark", "viewBox", "0 0 130 34", "aria-hidden", "true");
        svg.el("path", "class", "band", "d", band(k, s));
        svg.el("path", "class", "alive", "d", line(k, s));
        return svg.close("svg").toString();
    }

    private record Scale(double left, double right, double top, double bottom, double until) {
        double x(double days) {
            return left + (right - left) * Math.sqrt(days / until);
        }

        double y(double share) {
            return bottom - (bottom - top) * share;
        }
    }

    private static String line(KaplanMeier k, Scale s) {
        StringBuilder d = new StringBuilder("M" + Svg.num(s.x(0)) + " " + Svg.num(s.y(1)));
        k.steps()
                .forEach(t ->
                        d.append('H').append(Svg.num(s.x(t.time()))).append('V').append(Svg.num(s.y(t.survival()))));
        return d.append('H').append(Svg.num(s.x(k.followed()))).toString();
    }

    private static String band(KaplanMeier k, Scale s) {
        StringBuilder up = new StringBuilder();
        double low = 1;
        double x = s.x(0);
        up.append('M').append(Svg.num(x)).append(' ').append(Svg.num(s.y(1)));
        StringBuilder back = new StringBuilder();
        for (KaplanMeier.Step t : k.steps()) {
            double to = s.x(t.time());
            up.append('H').append(Svg.num(to)).append('V').append(Svg.num(s.y(t.high())));
            back.insert(
                    0, "L" + Svg.num(to) + " " + Svg.num(s.y(t.low())) + "L" + Svg.num(to) + " " + Svg.num(s.y(low)));
            low = t.low();
        }
        double end = s.x(k.followed());
        up.append('H').append(Svg.num(end)).append('V').append(Svg.num(s.y(low)));
        return up.append(back)
                .append('L')
                .append(Svg.num(x))
                .append(' ')
                .append(Svg.num(s.y(1)))
                .append('Z')
                .toString();
    }
}
