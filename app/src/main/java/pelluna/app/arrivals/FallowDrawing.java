package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import pelluna.app.chart.Axis;
import pelluna.app.chart.Chart;
import pelluna.app.chart.ChartTable;
import pelluna.app.drawing.FishDrawing;
import pelluna.core.arrivals.Dated;
import pelluna.core.plan.Party;
import pelluna.words.Words;

/** The time without fish as a bar over months, and who comes back when. */
final class FallowDrawing {
    private static final double WIDE = 760;
    private static final double HIGH = 150;
    private static final double BAR = 26;
    private static final double ICON = 44;
    private static final int AFTER = 14;

    private FallowDrawing() {}

    /** @param steps who comes back; empty before it is planned */
    static String draw(LocalDate from, LocalDate until, List<Dated> steps, Words say) {
        LocalDate end = steps.stream()
                .map(Dated::releaseOn)
                .max(LocalDate::compareTo)
                .filter(d -> d.isAfter(until))
                .orElse(until)
                .plusDays(AFTER);
        long days = ChronoUnit.DAYS.between(from, end);
        int empty = (int) ChronoUnit.DAYS.between(from, until);
        Chart chart = new Chart(
                "fallow",
                say.text("page.arrivals.fallowDrawn", empty),
                new Chart.Frame(WIDE, HIGH, 12, 30, 26),
                Axis.even(0, Math.max(1, days)),
                Axis.even(0, 1));
        chart.mark(0, say.shortDate(from));
        chart.mark(empty, say.shortDate(until));
        for (LocalDate month = from.withDayOfMonth(1).plusMonths(1); month.isBefore(end); month = month.plusMonths(1)) {
            chart.mark(ChronoUnit.DAYS.between(from, month), say.shortDate(month));
        }
        String says = say.text("page.arrivals.fallowBar", empty);
        double wide = Math.max(2, chart.x(empty) - chart.x(0));
        chart.bar(chart.x(0), chart.top() + 6, wide, BAR, "fallow-bar", says);
        chart.svg().text(chart.x(0) + 10, chart.top() + 24, says, "class", "fallow-text");
        ChartTable table =
                new ChartTable(say, List.of(say.text("page.chart.fish"), say.text("page.arrivals.intoTheTank")));
        for (Dated d : steps) {
            back(chart, d, from, say);
            table.row(say.title(say.list(d.arrival().parties())), say.shortDate(d.releaseOn()));
        }
        return steps.isEmpty() ? chart.end() : chart.end(table);
    }

    private static void back(Chart chart, Dated d, LocalDate from, Words say) {
        Party p = d.arrival().parties().get(0);
        double half = FishDrawing.halfHeight(p.species().look()) * ICON / FishDrawing.SHARE_WIDE;
        chart.picture(
                FishDrawing.href(p.species()),
                chart.x(ChronoUnit.DAYS.between(from, d.releaseOn())),
                chart.bottom() - 34,
                ICON,
                2 * half,
                say.text(
                        "page.chart.valueOn",
                        say.title(say.list(d.arrival().parties())),
                        say.shortDate(d.releaseOn())));
    }
}
