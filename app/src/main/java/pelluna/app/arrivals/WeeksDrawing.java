package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import pelluna.app.chart.Axis;
import pelluna.app.chart.Chart;
import pelluna.app.chart.ChartTable;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.arrivals.Dated;
import pelluna.core.capacity.Upkeep;
import pelluna.core.capacity.Waste;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Tank;
import pelluna.words.Words;

/** The weeks of a plan: food that grows with the fish, water changes as drops, quarantine and box as bars, releases. */
final class WeeksDrawing {
    private static final double WIDE = 860;
    private static final double LEFT = 132;
    private static final double ROW = 44;
    private static final int LEAST_WEEKS = 12;
    private static final int MOST_WEEKS = 52;
    private static final int AFTER = 3;
    private static final double WEEKS_A_MONTH = 52.0 / 12;
    /** A fish on the day of its release is so wide. */
    private static final double ICON = 40;

    private final Plan plan;
    private final Outlook outlook;
    private final List<Dated> arrivals;
    private final Words say;
    private final LocalDate start;
    private final int weeks;

    WeeksDrawing(Plan plan, Outlook outlook, List<Dated> arrivals, Words say) {
        this.plan = plan;
        this.outlook = outlook;
        this.arrivals = arrivals;
        this.say = say;
        this.start = plan.startOn();
        long last = ChronoUnit.WEEKS.between(start, outlook.lastArrival()) + AFTER;
        this.weeks = (int) Math.max(LEAST_WEEKS, Math.min(MOST_WEEKS, last));
    }

    String draw() {
        List<Upkeep> food = new ArrayList<>();
        Waste waste = Waste.of(plan);
        for (int w = 0; w < weeks; w++) {
            LocalDate day = start.plusWeeks(w);
            food.add(Upkeep.of(
                    plan.tank(), outlook.on(day).stream().map(Presence::party).toList(), day, waste));
        }
        Chart chart = new Chart(
                "weeks",
                say.text("page.arrivals.weeksDrawn", weeks),
                new Chart.Frame(WIDE, 4 * ROW + 40, LEFT, 12, 26),
                Axis.even(0, weeks),
                Axis.even(0, 1));
        for (int w = 0; w < weeks; w += 2) {
            chart.mark(w, say.shortDate(start.plusWeeks(w)));
        }
        food(chart, food);
        changes(chart);
        stays(chart);
        releases(chart);
        return chart.end(table(food));
    }

    private double top(int row) {
        return 14 + row * ROW;
    }

    private void name(Chart chart, int row, String text) {
        Svg svg = chart.svg();
        svg.fitted(4, top(row) + ROW / 2 + 5, LEFT - 12, text, 14, "class", "lane-name");
        svg.el("line", "class", "grid", "x1", 0, "x2", WIDE, "y1", top(row) + ROW, "y2", top(row) + ROW);
    }

    /** A column a week, as high as the food of that week. */
    private void food(Chart chart, List<Upkeep> food) {
        name(chart, 0, say.text("page.arrivals.foodAWeek"));
        double most = food.stream().mapToDouble(Upkeep::foodGrams).max().orElse(1);
        for (int w = 0; w < weeks; w++) {
            double grams = food.get(w).foodGrams() / WEEKS_A_MONTH;
            double high = (ROW - 8) * food.get(w).foodGrams() / Math.max(1e-9, most);
            double x = chart.x(w);
            chart.bar(
                    x + 1,
                    top(0) + ROW - high - 2,
                    Math.max(2, chart.x(w + 1) - x - 2),
                    high,
                    "food-column",
                    say.text("page.arrivals.weekOf", say.shortDate(start.plusWeeks(w)), say.mass(grams)));
        }
    }

    private void changes(Chart chart) {
        name(chart, 1, say.text("page.arrivals.waterChanges"));
        Tank tank = plan.tank();
        double every = tank.waterChangeEveryDays();
        double litres = tank.netLitres() * tank.waterChangePercent() / 100;
        double y = top(1) + ROW / 2;
        for (double day = every; every > 0 && litres > 0 && day < 7.0 * weeks; day += every) {
            double x = chart.x(day / 7);
            chart.svg()
                    .open(
                            "path",
                            "class",
                            "chart-point water-drop",
                            "d",
                            "M" + Svg.num(x) + " " + Svg.num(y - 10) + "C" + Svg.num(x + 8) + " " + Svg.num(y) + " "
                                    + Svg.num(x + 6) + " " + Svg.num(y + 8) + " " + Svg.num(x) + " " + Svg.num(y + 8)
                                    + "C" + Svg.num(x - 6) + " " + Svg.num(y + 8) + " " + Svg.num(x - 8) + " "
                                    + Svg.num(y) + " " + Svg.num(x) + " " + Svg.num(y - 10) + "Z",
                            "data-says",
                            say.text(
                                    "page.arrivals.weekOf",
                                    say.shortDate(start.plusDays(Math.round(day))),
                                    say.volume(litres)))
                    .close("path");
        }
    }

    private double week(LocalDate day) {
        return Math.max(0, Math.min(weeks, ChronoUnit.DAYS.between(start, day) / 7.0));
    }

    private void stays(Chart chart) {
        name(chart, 2, say.text("page.arrivals.quarantineAndBox"));
        for (Dated d : arrivals) {
            int lane = Math.max(0, d.place() - 1) % 3;
            double y = top(2) + 5 + lane * 12;
            String who = say.title(say.list(d.arrival().parties()));
            d.quarantineFrom().ifPresent(from -> bar(chart, "stay-bar", from, d.boxFrom(), y, who));
            if (d.boxed()) {
                bar(chart, "box-bar", d.boxFrom(), d.releaseOn(), y, who);
            }
        }
    }

    private void bar(Chart chart, String look, LocalDate from, LocalDate to, double y, String who) {
        double x = chart.x(week(from));
        chart.bar(
                x,
                y,
                Math.max(3, chart.x(week(to)) - x),
                9,
                look,
                say.text("page.arrivals.stayFromTo", who, say.shortDate(from), say.shortDate(to)));
    }

    private void releases(Chart chart) {
        name(chart, 3, say.text("page.arrivals.intoTheTank"));
        for (Dated d : arrivals) {
            Party p = d.arrival().parties().get(0);
            double half = FishDrawing.halfHeight(p.species().look()) * ICON / FishDrawing.SHARE_WIDE;
            chart.picture(
                    FishDrawing.href(p.species()),
                    Math.min(chart.right() - ICON / 2, chart.x(week(d.releaseOn()))),
                    top(3) + ROW / 2,
                    ICON,
                    2 * half,
                    say.text(
                            "page.chart.valueOn",
                            say.title(say.list(d.arrival().parties())),
                            say.shortDate(d.releaseOn())));
        }
    }

    private ChartTable table(List<Upkeep> food) {
        ChartTable table = new ChartTable(
                say,
                List.of(
                        say.text("page.arrivals.weekFrom"),
                        say.text("page.arrivals.foodAWeek"),
                        say.text("page.arrivals.sheetsAWeek")));
        for (int w = 0; w < weeks; w++) {
            table.row(
                    say.shortDate(start.plusWeeks(w)),
                    say.mass(food.get(w).foodGrams() / WEEKS_A_MONTH),
                    say.number(food.get(w).sheets(), 1));
        }
        return table;
    }
}
