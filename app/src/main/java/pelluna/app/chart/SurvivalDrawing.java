package pelluna.app.chart;

import java.util.List;
import pelluna.app.drawing.Svg;
import pelluna.core.losses.KaplanMeier;
import pelluna.words.Words;

/**
 * Survival as a line with its band over days kept, time stretched at the start, where most is lost; ticks for those
 * last known alive; under it how many were still followed.
 */
public final class SurvivalDrawing {
    private static final Chart.Frame FRAME = new Chart.Frame(720, 250, 46, 12, 52);
    private static final Chart.Frame SPARK = new Chart.Frame(130, 46, 2, 2, 2);
    private static final double[] MARKS = {7, 30, 91, 182, 365, 730, 1095, 1826, 2557, 3652};
    private static final String[] NAMES = {
        "week", "month", "month3", "month6", "year", "year2", "year3", "year5", "year7", "year10"
    };

    private SurvivalDrawing() {}

    /** @param observed everybody behind the curve */
    public static String draw(KaplanMeier k, List<KaplanMeier.Observed> observed, Words say) {
        if (k.subjects() == 0) {
            return Chart.empty(say.text("page.drawing.survival", 0, 0));
        }
        double until = Math.max(30, k.followed());
        Chart chart = new Chart(
                "survival",
                say.text("page.drawing.survival", k.lost(), k.subjects()),
                FRAME,
                Axis.stretched(0, until),
                Axis.even(0, 1));
        for (int share = 0; share <= 100; share += 25) {
            chart.level(share / 100.0, "grid", share + " %");
        }
        Svg svg = chart.svg();
        svg.fitted(0, FRAME.high() - 8, FRAME.left() - 14, say.text("page.drawing.fish"), 13, "class", "small");
        followed(svg, chart.x(0), k.subjects());
        for (int i = 0; i < MARKS.length && MARKS[i] <= until; i++) {
            double day = MARKS[i];
            if (chart.mark(day, say.text("page.drawing.after", NAMES[i]))) {
                followed(
                        svg,
                        chart.x(day),
                        observed.stream().filter(o -> o.time() >= day).count());
            }
        }
        chart.path("band", band(k, chart));
        chart.path("alive", line(k, chart));
        for (KaplanMeier.Observed o : observed) {
            if (!o.lost()) {
                double x = chart.x(o.time());
                double y = chart.y(k.at(o.time()));
                svg.el("line", "class", "last-seen", "x1", x, "x2", x, "y1", y - 4, "y2", y + 4);
            }
        }
        return chart.end(steps(k, chart, say));
    }

    /** Each loss as a point, and as a row of the table. */
    private static ChartTable steps(KaplanMeier k, Chart chart, Words say) {
        ChartTable table = new ChartTable(
                say,
                List.of(
                        say.text("page.chart.daysKept"),
                        say.text("page.chart.alive"),
                        say.text("page.chart.from"),
                        say.text("page.chart.to")));
        k.steps().forEach(t -> {
            String days = say.number(t.time());
            chart.point(
                    t.time(),
                    t.survival(),
                    4,
                    "loss-dot",
                    say.text("page.chart.aliveAfter", share(t.survival(), say), days));
            table.row(days, share(t.survival(), say), share(t.low(), say), share(t.high(), say));
        });
        return table;
    }

    private static String share(double share, Words say) {
        return say.number(Math.round(100 * share)) + " %";
    }

    private static void followed(Svg svg, double x, long fish) {
        svg.text(x, FRAME.high() - 8, Long.toString(fish), "class", "figure", "text-anchor", "middle");
    }

    /** The same in a table's cell. @param until days of the axis, the same for all rows */
    public static String spark(KaplanMeier k, double until) {
        Chart chart = new Chart("survival-spark", "", SPARK, Axis.stretched(0, Math.max(1, until)), Axis.even(0, 1));
        chart.path("band", band(k, chart));
        chart.path("alive", line(k, chart));
        return chart.end();
    }

    private static String line(KaplanMeier k, Chart chart) {
        StringBuilder d = new StringBuilder("M" + Svg.num(chart.x(0)) + " " + Svg.num(chart.y(1)));
        k.steps()
                .forEach(t -> d.append('H')
                        .append(Svg.num(chart.x(t.time())))
                        .append('V')
                        .append(Svg.num(chart.y(t.survival()))));
        return d.append('H').append(Svg.num(chart.x(k.followed()))).toString();
    }

    private static String band(KaplanMeier k, Chart chart) {
        StringBuilder up = new StringBuilder();
        double low = 1;
        double x = chart.x(0);
        up.append('M').append(Svg.num(x)).append(' ').append(Svg.num(chart.y(1)));
        StringBuilder back = new StringBuilder();
        for (KaplanMeier.Step t : k.steps()) {
            String to = Svg.num(chart.x(t.time()));
            up.append('H').append(to).append('V').append(Svg.num(chart.y(t.high())));
            back.insert(0, "L" + to + " " + Svg.num(chart.y(t.low())) + "L" + to + " " + Svg.num(chart.y(low)));
            low = t.low();
        }
        up.append('H').append(Svg.num(chart.x(k.followed()))).append('V').append(Svg.num(chart.y(low)));
        return up.append(back)
                .append('L')
                .append(Svg.num(x))
                .append(' ')
                .append(Svg.num(chart.y(1)))
                .append('Z')
                .toString();
    }
}
