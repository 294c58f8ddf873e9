package pelluna.app.chart;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import pelluna.app.drawing.Svg;
import pelluna.words.Words;

/**
 * One figure of the water over time: tests as dots, a probe as a line that breaks where it was silent, the ceiling
 * dashed; the values as a table under it.
 */
public final class TrendDrawing {
    private static final Chart.Frame FRAME = new Chart.Frame(300, 104, 44, 10, 24);
    /** Readings of a probe that can be pointed at, and stand in the table. */
    private static final int READ = 16;

    private TrendDrawing() {}

    /** A value at a moment. */
    public record Dot(Instant at, double value) {}

    /**
     * What is drawn.
     *
     * @param line      readings of a probe, oldest first; may be empty
     * @param gapMillis a longer pause breaks the line
     */
    public record Shown(
            String label,
            String unit,
            List<Dot> dots,
            List<Dot> line,
            OptionalDouble ceiling,
            Instant from,
            Instant until,
            long gapMillis) {}

    public static String draw(Shown s, ZoneId zone, Words say) {
        if (s.dots().isEmpty() && s.line().isEmpty()) {
            return Chart.empty(s.label());
        }
        Axis up = range(s);
        double span = up.high() - up.low();
        Axis across = Axis.even(s.from().toEpochMilli(), s.until().toEpochMilli());
        Chart chart = new Chart("trend", s.label(), FRAME, across, up);
        chart.unit(s.unit());
        chart.level(up.low(), "grid", number(up.low(), span, say));
        chart.level(up.high(), "grid", number(up.high(), span, say));
        s.ceiling().ifPresent(c -> chart.level(c, "ceiling", ""));
        chart.mark(across.low(), say.shortDate(day(s.from(), zone)));
        chart.mark(across.high(), say.shortDate(day(s.until(), zone)));
        ChartTable table = new ChartTable(say, List.of(say.text("page.chart.day"), s.unit()));
        if (!s.line().isEmpty()) {
            chart.path("level", path(s.line(), chart, s.gapMillis()));
            int every = Math.max(1, s.line().size() / READ);
            for (int i = 0; i < s.line().size(); i += every) {
                value(chart, table, s, s.line().get(i), "reading", zone, say);
            }
        }
        s.dots().forEach(d -> value(chart, table, s, d, "test", zone, say));
        return chart.end(table);
    }

    private static void value(Chart chart, ChartTable table, Shown s, Dot d, String look, ZoneId zone, Words say) {
        double span = Math.max(Math.abs(d.value()) * 0.1, 0.05);
        String figure = number(d.value(), span, say);
        String day = say.shortDate(day(d.at(), zone));
        chart.point(
                d.at().toEpochMilli(),
                d.value(),
                3.6,
                look,
                say.text("page.chart.valueOn", (figure + " " + s.unit()).strip(), day));
        table.row(day, figure);
    }

    private static LocalDate day(Instant at, ZoneId zone) {
        return at.atZone(zone).toLocalDate();
    }

    private static Axis range(Shown s) {
        double low = values(s).min().orElse(0);
        double high = Math.max(values(s).max().orElse(1), s.ceiling().orElse(Double.NEGATIVE_INFINITY));
        boolean ceiling = s.ceiling().isPresent();
        double span = Math.max((high - (ceiling ? 0 : low)) * 1.15, Math.max(1e-3, Math.abs(high) * 0.02));
        double floor = ceiling ? 0 : Math.max(low >= 0 ? 0 : low, (low + high) / 2 - span / 2);
        return Axis.even(floor, floor + span);
    }

    private static java.util.stream.DoubleStream values(Shown s) {
        return Stream.concat(s.dots().stream(), s.line().stream()).mapToDouble(Dot::value);
    }

    private static String number(double value, double span, Words say) {
        return say.number(value, span < 0.1 ? 3 : span < 1 ? 2 : span < 10 ? 1 : 0);
    }

    private static String path(List<Dot> line, Chart chart, long gapMillis) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < line.size(); i++) {
            boolean on = i > 0
                    && line.get(i).at().toEpochMilli() - line.get(i - 1).at().toEpochMilli() <= gapMillis;
            d.append(on ? 'L' : 'M')
                    .append(Svg.num(chart.x(line.get(i).at().toEpochMilli())))
                    .append(' ')
                    .append(Svg.num(chart.y(line.get(i).value())));
        }
        return d.toString();
    }
}
