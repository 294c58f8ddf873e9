package pelluna.app.arrivals;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import pelluna.app.chart.Axis;
import pelluna.app.chart.ChartTable;
import pelluna.app.chart.Plot;
import pelluna.app.drawing.Svg;
import pelluna.core.outlook.WaterDay;
import pelluna.core.plan.Plan;
import pelluna.core.plan.WaterTest;
import pelluna.core.units.Unit;
import pelluna.core.water.Ammonia;
import pelluna.words.Words;

/**
 * Three strips under the lanes, on the same days: load against what the filter carries, ammonia, nitrate; the same
 * fish all in one day as a ghost beside.
 */
final class StripsDrawing {
    private static final double STRIP = 62;
    private static final double GAP = 14;
    private static final int DAYS_BETWEEN = 7;
    static final double HEIGHT = 3 * (STRIP + GAP);

    private final Words say;
    private final DateAxis axis;
    private final Plan plan;
    private final List<WaterDay> planned;
    private final List<WaterDay> atOnce;

    StripsDrawing(DateAxis axis, Plan plan, List<WaterDay> planned, List<WaterDay> atOnce, Words say) {
        this.say = say;
        this.axis = axis;
        this.plan = plan;
        this.planned = planned.stream().filter(d -> axis.shows(d.on())).toList();
        this.atOnce = atOnce.stream().filter(d -> axis.shows(d.on())).toList();
    }

    void draw(Svg svg, double top) {
        Strip load = new Strip(svg, top, highest(WaterDay::load, WaterDay::carried));
        load.title(
                say.text("page.arrivals.loadOnTheFilter"),
                say.text("page.arrivals.lineFromTheFish"),
                say.text("page.arrivals.dashedWhatItCarries"),
                say.text("page.arrivals.mgLNitrogenADay"));
        load.line(atOnce, WaterDay::load, "ghost");
        load.line(planned, WaterDay::carried, "carried");
        load.line(planned, WaterDay::load, "level");
        load.values(WaterDay::load, say.text("page.arrivals.mgLNitrogenADay"));
        Strip ammonia = new Strip(
                svg, top + STRIP + GAP, Math.max(Ammonia.SAFE_TOXIC * 1.4, highest(WaterDay::toxic, WaterDay::toxic)));
        ammonia.title(
                say.text("page.arrivals.unIonisedAmmonia"),
                say.text("page.arrivals.circlesYourTests"),
                say.text("page.arrivals.dashedFishNotAbove"),
                say.text("page.arrivals.mgLNitrogen"));
        ammonia.limit(Ammonia.SAFE_TOXIC);
        ammonia.line(atOnce, WaterDay::toxic, "ghost");
        ammonia.line(planned, WaterDay::toxic, "level");
        ammonia.values(WaterDay::toxic, say.text("page.arrivals.mgLNitrogen"));
        plan.tests().stream().filter(t -> axis.shows(t.on())).forEach(t -> ammonia.point(t, toxic(t)));
        double ceiling = plan.tank().nitrateCeiling();
        Strip nitrate = new Strip(
                svg, top + 2 * (STRIP + GAP), Math.max(ceiling * 1.15, highest(WaterDay::nitrate, WaterDay::nitrate)));
        nitrate.title(
                say.text("page.arrivals.nitrate"),
                say.text("page.arrivals.circlesYourTests"),
                say.text("page.arrivals.dashedYourCeiling"),
                say.of(Unit.NITRATE));
        nitrate.limit(ceiling);
        nitrate.line(atOnce, WaterDay::nitrate, "ghost");
        nitrate.line(planned, WaterDay::nitrate, "level");
        nitrate.values(WaterDay::nitrate, say.of(Unit.NITRATE));
        for (WaterTest t : plan.tests()) {
            if (axis.shows(t.on())) {
                nitrate.point(t, t.nitrate());
            }
        }
        if (plan.tests().isEmpty() && axis.shows(plan.startOn())) {
            nitrate.point(
                    new WaterTest(
                            plan.startOn(),
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            plan.tank().nitrate(),
                            OptionalDouble.empty()),
                    plan.tank().nitrate());
        }
    }

    private boolean weekly(WaterDay d) {
        return axis.since(d.on()) % DAYS_BETWEEN == 0;
    }

    /** The same, week by week, as a table. */
    String table() {
        ChartTable table = new ChartTable(
                say,
                List.of(
                        say.text("page.arrivals.weekFrom"),
                        say.text("page.arrivals.loadOnTheFilter") + ", " + say.text("page.arrivals.mgLNitrogenADay"),
                        say.text("page.arrivals.unIonisedAmmonia") + ", " + say.text("page.arrivals.mgLNitrogen"),
                        say.text("page.arrivals.nitrate") + ", " + say.of(Unit.NITRATE)));
        planned.stream()
                .filter(this::weekly)
                .forEach(d ->
                        table.row(say.shortDate(d.on()), number(d.load()), number(d.toxic()), number(d.nitrate())));
        return table.markup();
    }

    private String number(double value) {
        return say.number(value, value < 0.1 ? 3 : value < 3 ? 2 : 1);
    }

    /** The un-ionised part of a test of total ammonia, at its own pH or the usual one. */
    private OptionalDouble toxic(WaterTest t) {
        return t.ammonia().isEmpty()
                ? t.ammonia()
                : OptionalDouble.of(t.ammonia().getAsDouble()
                        * Ammonia.toxicShare(
                                t.pH().orElse(Ammonia.USUAL_PH),
                                plan.tank().temperatureC(),
                                plan.tank().salinity()));
    }

    private double highest(ToDoubleFunction<WaterDay> one, ToDoubleFunction<WaterDay> other) {
        double a = planned.stream()
                .mapToDouble(d -> Math.max(one.applyAsDouble(d), other.applyAsDouble(d)))
                .max()
                .orElse(0);
        return Math.max(a, atOnce.stream().mapToDouble(one).max().orElse(0)) * 1.08;
    }

    /** One strip with its scale. */
    private final class Strip {
        private final Plot plot;
        private final double most;

        Strip(Svg svg, double top, double most) {
            this.most = Math.max(1e-9, most);
            this.plot = axis.plot(svg, top, top + STRIP, Axis.even(0, this.most));
            svg.el("line", "x1", 0, "x2", axis.x1(), "y1", top - 5, "y2", top - 5, "class", "grid");
            plot.level(0, "axis", "");
        }

        void title(String... lines) {
            for (int i = 0; i < lines.length; i++) {
                plot.svg().text(10, plot.top() + 14 * (i + 1), lines[i], "class", i == 0 ? "lane-name" : "small");
            }
        }

        void line(List<WaterDay> days, ToDoubleFunction<WaterDay> value, String look) {
            if (days.isEmpty()) {
                return;
            }
            StringBuilder path = new StringBuilder();
            for (WaterDay d : days) {
                path.append(path.length() == 0 ? "M" : "L")
                        .append(short_(axis.x(d.on())))
                        .append(' ')
                        .append(short_(plot.y(value.applyAsDouble(d))));
            }
            plot.path(look, path.toString());
            if (!look.equals("carried")) {
                days.stream().max(Comparator.comparingDouble(value)).ifPresent(d -> highest(d, value, look));
            }
        }

        /** A tenth of a px is enough for hundreds of days. */
        private static String short_(double px) {
            return Svg.num(Math.round(px * 10) / 10.0);
        }

        private void highest(WaterDay day, ToDoubleFunction<WaterDay> value, String look) {
            double y = plot.y(value.applyAsDouble(day));
            double x = Math.max(axis.x0() + 34, Math.min(axis.x1() - 2, axis.x(day.on()) + 2));
            double at = look.equals("ghost") ? Math.max(plot.top() + 9, y - 4) : below(y);
            String figure = number(value.applyAsDouble(day));
            plot.svg().text(x, at, figure, "class", "figure " + look + "-figure", "text-anchor", "end");
        }

        /** Under the line, or over it where the strip ends. */
        private double below(double y) {
            return y + 14 > plot.bottom() ? y - 5 : y + 12;
        }

        void limit(double value) {
            plot.level(value, "ceiling", "");
            plot.svg().text(axis.x1() + 2, plot.y(value) + 4, number(value), "class", "small");
        }

        void point(WaterTest test, OptionalDouble value) {
            value.ifPresent(v -> plot.point(
                    axis.since(test.on()),
                    Math.min(most, v),
                    4,
                    "test",
                    say.text("page.arrivals.mgL", test.on(), number(v))));
        }

        /** Values that can be pointed at, a week apart. */
        void values(ToDoubleFunction<WaterDay> value, String unit) {
            planned.stream().filter(StripsDrawing.this::weekly).forEach(d -> {
                String figure = number(value.applyAsDouble(d)) + " " + unit;
                String says = say.text("page.chart.valueOn", figure, say.shortDate(d.on()));
                plot.point(axis.since(d.on()), value.applyAsDouble(d), 3.2, "strip-value", says);
            });
        }
    }
}
