package pelluna.app.drawing;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.behaviour.Elo;
import pelluna.words.Words;

/**
 * Standing over time: one line a fish, one step a contest, over days. Lines differ by dash and end in a name, never by
 * colour alone.
 */
public final class CourseDrawing {
    private static final double WIDE = 760;
    private static final double HIGH = 250;
    private static final double LEFT = 44;
    private static final double RIGHT = 150;
    private static final double BOTTOM = 26;
    private static final double LABEL = 15;
    private static final String[] DASHES = {"none", "7 4", "2 4", "10 3 2 3", "1 5", "12 5"};

    private CourseDrawing() {}

    /**
     * @param moments of the points, as many; @param names by the ids of the ratings; @param marks days with what was
     * done on them
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
        long from = moments.get(0).toEpochMilli();
        long until = Math.max(moments.get(moments.size() - 1).toEpochMilli(), from + 1);
        double low = course.stream()
                        .flatMap(p -> p.ratings().values().stream())
                        .mapToDouble(d -> d)
                        .min()
                        .orElse(Elo.START)
                - 10;
        double high = course.stream()
                        .flatMap(p -> p.ratings().values().stream())
                        .mapToDouble(d -> d)
                        .max()
                        .orElse(Elo.START)
                + 10;
        Scale scale = new Scale(from, until, low, high);
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "lanes course",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(HIGH),
                "role",
                "img",
                "aria-label",
                say.text("page.drawing.course"));
        days(svg, scale, zone, marks, say);
        Map<String, Double> ends = new LinkedHashMap<>();
        int line = 0;
        for (String fish : names.keySet()) {
            if (course.get(course.size() - 1).ratings().containsKey(fish)) {
                svg.el(
                        "path",
                        "class",
                        "course-line c" + line % DASHES.length,
                        "d",
                        path(course, moments, fish, scale),
                        "stroke-dasharray",
                        DASHES[line % DASHES.length]);
                ends.put(fish, scale.y(course.get(course.size() - 1).ratings().get(fish)));
                line++;
            }
        }
        labels(svg, ends, names);
        return svg.close("svg").toString();
    }

    private record Scale(long from, long until, double low, double high) {
        double x(long at) {
            return LEFT + (WIDE - LEFT - RIGHT) * (at - from) / (until - from);
        }

        double y(double rating) {
            return 10 + (HIGH - BOTTOM - 10) * (high - rating) / (high - low);
        }
    }

    private static void days(Svg svg, Scale scale, ZoneId zone, Map<LocalDate, String> marks, Words say) {
        LocalDate first = Instant.ofEpochMilli(scale.from()).atZone(zone).toLocalDate();
        LocalDate last = Instant.ofEpochMilli(scale.until()).atZone(zone).toLocalDate();
        long step = Math.max(1, (last.toEpochDay() - first.toEpochDay()) / 6);
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(step)) {
            double x = Math.max(LEFT, scale.x(day.atStartOfDay(zone).toInstant().toEpochMilli()));
            svg.el("line", "class", "grid", "x1", x, "x2", x, "y1", 6, "y2", HIGH - BOTTOM);
            svg.text(x, HIGH - 9, say.shortDate(day), "class", "small", "text-anchor", "middle");
        }
        svg.text(LEFT - 6, scale.y(Elo.START) + 4, "1000", "class", "figure", "text-anchor", "end");
        svg.el(
                "line",
                "class",
                "grid",
                "x1",
                LEFT,
                "x2",
                WIDE - RIGHT,
                "y1",
                scale.y(Elo.START),
                "y2",
                scale.y(Elo.START));
        marks.forEach((day, says) -> {
            long at = day.atStartOfDay(zone).toInstant().toEpochMilli();
            if (at >= scale.from() && at <= scale.until()) {
                svg.open("g").add("<title>" + Svg.escape(says) + "</title>");
                svg.el(
                        "line",
                        "class",
                        "mark-line",
                        "x1",
                        scale.x(at),
                        "x2",
                        scale.x(at),
                        "y1",
                        6,
                        "y2",
                        HIGH - BOTTOM);
                svg.el("circle", "class", "mark-dot", "cx", scale.x(at), "cy", 8, "r", 5);
                svg.close("g");
            }
        });
    }

    private static String path(List<Elo.Point> course, List<Instant> moments, String fish, Scale scale) {
        StringBuilder d = new StringBuilder();
        Double last = null;
        for (int i = 0; i < course.size(); i++) {
            Double rating = course.get(i).ratings().get(fish);
            if (rating != null && !rating.equals(last)) {
                d.append(
                        last == null
                                ? "M"
                                : "H" + Svg.num(scale.x(moments.get(i).toEpochMilli())) + "V");
                d.append(last == null ? Svg.num(scale.x(moments.get(i).toEpochMilli())) + " " : "")
                        .append(Svg.num(scale.y(rating)));
                last = rating;
            }
        }
        return d + "H" + Svg.num(WIDE - RIGHT);
    }

    private static void labels(Svg svg, Map<String, Double> ends, Map<String, String> names) {
        double last = -LABEL;
        List<Map.Entry<String, Double>> order = new ArrayList<>(ends.entrySet());
        order.sort(Comparator.comparingDouble(Map.Entry::getValue));
        for (Map.Entry<String, Double> e : order) {
            double y = Math.max(e.getValue() + 4, last + LABEL);
            last = y;
            svg.text(WIDE - RIGHT + 6, y, names.get(e.getKey()), "class", "small");
        }
    }
}
