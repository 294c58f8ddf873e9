package pelluna.app.chart;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import pelluna.app.drawing.Svg;
import pelluna.core.behaviour.Elo;
import pelluna.words.Words;

/**
 * Standing over time: one line a fish, one step a contest, over days. Lines differ by dash and end in a name, never by
 * colour alone.
 */
public final class CourseDrawing {
    private static final Chart.Frame FRAME = new Chart.Frame(760, 260, 44, 150, 30);
    private static final double LABEL = 15;
    private static final int DAYS = 6;
    private static final String[] DASHES = {"none", "7 4", "2 4", "10 3 2 3", "1 5", "12 5"};

    private CourseDrawing() {}

    /**
     * @param moments of the points, as many
     * @param names   by the ids of the ratings
     * @param marks   days with what was done on them
     */
    public static String draw(
            List<Elo.Point> course,
            List<Instant> moments,
            Map<String, String> names,
            Map<LocalDate, String> marks,
            ZoneId zone,
            Words say) {
        if (course.isEmpty()) {
            return "";
        }
        double low = ratings(course).min().orElse(Elo.START) - 10;
        double high = ratings(course).max().orElse(Elo.START) + 10;
        Axis across = Axis.even(
                moments.get(0).toEpochMilli(), moments.get(moments.size() - 1).toEpochMilli());
        Chart chart = new Chart("course", say.text("page.drawing.course"), FRAME, across, Axis.even(low, high));
        days(chart, across, zone, say);
        chart.level(Elo.START, "grid", say.number(Elo.START));
        marks.forEach((day, says) -> done(chart, across, day, says, zone));
        Map<String, Double> ends = new LinkedHashMap<>();
        ChartTable table = new ChartTable(say, List.of(say.text("page.chart.fish"), say.text("page.chart.ratingNow")));
        Map<String, Double> last = course.get(course.size() - 1).ratings();
        for (String fish : names.keySet()) {
            if (last.containsKey(fish)) {
                line(chart, ends.size(), path(course, moments, fish, chart));
                ends.put(fish, chart.y(last.get(fish)));
                String rating = say.number(Math.round(last.get(fish)));
                chart.point(
                        across.high(),
                        last.get(fish),
                        3.5,
                        "course-end",
                        say.text("page.chart.ratingOf", names.get(fish), rating));
                table.row(names.get(fish), rating);
            }
        }
        labels(chart.svg(), ends, names);
        return chart.end(table);
    }

    private static DoubleStream ratings(List<Elo.Point> course) {
        return course.stream().flatMap(p -> p.ratings().values().stream()).mapToDouble(d -> d);
    }

    private static void line(Chart chart, int n, String d) {
        chart.svg()
                .el(
                        "path",
                        "class",
                        "course-line c" + n % DASHES.length,
                        "d",
                        d,
                        "stroke-dasharray",
                        DASHES[n % DASHES.length]);
    }

    private static void days(Chart chart, Axis across, ZoneId zone, Words say) {
        LocalDate first = day(across.low(), zone);
        LocalDate last = day(across.high(), zone);
        long step = Math.max(1, (last.toEpochDay() - first.toEpochDay()) / DAYS);
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(step)) {
            chart.mark(Math.max(across.low(), millis(day, zone)), say.shortDate(day));
        }
    }

    private static LocalDate day(double millis, ZoneId zone) {
        return Instant.ofEpochMilli((long) millis).atZone(zone).toLocalDate();
    }

    private static long millis(LocalDate day, ZoneId zone) {
        return day.atStartOfDay(zone).toInstant().toEpochMilli();
    }

    private static void done(Chart chart, Axis across, LocalDate day, String says, ZoneId zone) {
        long at = millis(day, zone);
        if (at >= across.low() && at <= across.high()) {
            double x = chart.x(at);
            chart.svg().el("line", "class", "mark-line", "x1", x, "x2", x, "y1", chart.top(), "y2", chart.bottom());
            chart.dot(x, chart.top(), 5, "mark-dot", says);
        }
    }

    private static String path(List<Elo.Point> course, List<Instant> moments, String fish, Chart chart) {
        StringBuilder d = new StringBuilder();
        Double last = null;
        for (int i = 0; i < course.size(); i++) {
            Double rating = course.get(i).ratings().get(fish);
            if (rating != null && !rating.equals(last)) {
                String x = Svg.num(chart.x(moments.get(i).toEpochMilli()));
                d.append(last == null ? "M" + x + " " : "H" + x + "V").append(Svg.num(chart.y(rating)));
                last = rating;
            }
        }
        return d + "H" + Svg.num(chart.right());
    }

    private static void labels(Svg svg, Map<String, Double> ends, Map<String, String> names) {
        double last = -LABEL;
        List<Map.Entry<String, Double>> order = new ArrayList<>(ends.entrySet());
        order.sort(Comparator.comparingDouble(Map.Entry::getValue));
        for (Map.Entry<String, Double> e : order) {
            double y = Math.max(e.getValue() + 4, last + LABEL);
            last = y;
            svg.text(FRAME.wide() - FRAME.right() + 8, y, names.get(e.getKey()), "class", "small");
        }
    }
}
