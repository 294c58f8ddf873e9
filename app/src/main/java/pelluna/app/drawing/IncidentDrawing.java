package pelluna.app.drawing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/**
 * The days around an incident on one line of time: a track for each kind of thing, the day itself marked through all
 * of them.
 */
public final class IncidentDrawing {
    private static final double WIDE = 760;
    private static final double LEFT = 92;
    private static final double RIGHT = 748;
    private static final double TRACK = 34;
    private static final double TALL = 58;
    private static final double TOP = 8;

    private IncidentDrawing() {}

    /** What a mark belongs to, in the order from the top. */
    public enum Track {
        ARRIVALS,
        LOSSES,
        SIGNS,
        CONTESTS,
        DONE,
        TESTS,
        PROBE,
        NOTES
    }

    /** Something on a day. @param says shown as its title */
    public record Mark(LocalDate on, Track track, String says) {}

    /** What the probe said in a day: °C, g/kg, pH; without readings, of count 0. */
    public record Weather(
            LocalDate on,
            DoubleSummaryStatistics celsius,
            DoubleSummaryStatistics salinity,
            DoubleSummaryStatistics pH) {
        /** '24.9 to 25.6 °C, salinity 35 to 35.2, pH 8 to 8.2'. */
        public String says(Words say) {
            List<String> words = new ArrayList<>();
            if (celsius.getCount() > 0) {
                words.add(say.text(
                        "page.drawing.to",
                        say.temperature(Rounding.to(1, celsius.getMin())),
                        say.temperature(Rounding.to(1, celsius.getMax()))));
            }
            figure(words, say.text("page.drawing.salinity"), salinity, 1, say);
            figure(words, "pH ", pH, 2, say);
            return String.join(", ", words);
        }

        private static void figure(List<String> words, String name, DoubleSummaryStatistics s, int places, Words say) {
            if (s.getCount() > 0) {
                String low = say.number(s.getMin(), places);
                String high = say.number(s.getMax(), places);
                words.add(low.equals(high) ? name + low : say.text("page.drawing.to2", name, low, high));
            }
        }
    }

    /** @param acts contests by day; @param say as the keeper reads */
    public static String draw(
            LocalDate from,
            LocalDate on,
            LocalDate until,
            List<Mark> marks,
            Map<LocalDate, Integer> acts,
            List<Weather> weather,
            Words say) {
        List<Track> shown = new ArrayList<>();
        for (Track t : Track.values()) {
            if (marks.stream().anyMatch(m -> m.track() == t)) {
                shown.add(t);
            }
        }
        double high = TOP + shown.stream().mapToDouble(IncidentDrawing::tall).sum();
        Scale s = new Scale(from, ChronoUnit.DAYS.between(from, until) + 1);
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "lanes incident-line",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(high + 26),
                "role",
                "img",
                "aria-label",
                say.text("page.drawing.incident"));
        svg.el("rect", "class", "the-day", "x", s.left(on), "y", TOP - 4, "width", s.day(), "height", high - TOP + 8);
        double y = TOP;
        for (Track t : shown) {
            double tall = tall(t);
            svg.el("line", "class", "grid", "x1", LEFT, "x2", RIGHT, "y1", y + tall, "y2", y + tall);
            svg.text(LEFT - 10, y + tall / 2 + 4, say.of(t), "class", "small", "text-anchor", "end");
            if (t == Track.CONTESTS) {
                bars(svg, s, acts, y, tall, say);
            } else if (t == Track.PROBE) {
                band(svg, s, weather, y, tall, say);
            } else {
                dots(svg, s, marks.stream().filter(m -> m.track() == t).toList(), t, y, tall);
            }
            y += tall;
        }
        axis(svg, s, from, on, until, y, say);
        return svg.close("svg").toString();
    }

    private static double tall(Track t) {
        return t == Track.CONTESTS || t == Track.PROBE ? TALL : TRACK;
    }

    private record Scale(LocalDate from, long days) {
        double day() {
            return (RIGHT - LEFT) / days;
        }

        double left(LocalDate on) {
            return LEFT + day() * ChronoUnit.DAYS.between(from, on);
        }

        double middle(LocalDate on) {
            return left(on) + day() / 2;
        }
    }

    private static void dots(Svg svg, Scale s, List<Mark> marks, Track track, double y, double tall) {
        Map<LocalDate, List<Mark>> byDay = new TreeMap<>();
        marks.forEach(m -> byDay.computeIfAbsent(m.on(), k -> new ArrayList<>()).add(m));
        byDay.forEach((on, some) -> {
            double x = s.middle(on);
            double m = y + tall / 2;
            String all = String.join("; ", some.stream().map(Mark::says).toList());
            says(svg, "chart-point mark-" + track.name().toLowerCase(Locale.ROOT), all);
            switch (track) {
                case ARRIVALS -> svg.el("path", "d", "M" + Svg.num(x - 7) + " " + Svg.num(m - 6) + "h14l-7 12Z");
                case LOSSES -> svg.el("path", "d", "M" + Svg.num(x - 6) + " " + Svg.num(m - 6) + "l12 12m0 -12l-12 12");
                case TESTS -> svg.el("rect", "x", x - 5, "y", m - 5, "width", 10, "height", 10);
                case DONE -> svg.el("path", "d", "M" + Svg.num(x) + " " + Svg.num(m - 7) + "l7 7l-7 7l-7 -7Z");
                default -> svg.el("circle", "cx", x, "cy", m, "r", Math.min(9, 4 + 1.2 * (some.size() - 1)));
            }
            if (some.size() > 1) {
                svg.text(x + 9, m - 4, Integer.toString(some.size()), "class", "figure");
            }
            svg.close("g");
        });
    }

    /** Opens a mark that says what it is: to whoever points at it, and in a file without scripts. */
    private static void says(Svg svg, String look, String text) {
        svg.open("g", "class", look, "data-says", text);
        svg.open("title").add(Svg.escape(text)).close("title");
    }

    private static void bars(Svg svg, Scale s, Map<LocalDate, Integer> acts, double y, double tall, Words say) {
        int most = acts.values().stream().mapToInt(Integer::intValue).max().orElse(1);
        double room = tall - 16;
        acts.forEach((on, n) -> {
            double h = room * n / most;
            says(svg, "chart-point mark-contests", say.shortDate(on) + ": " + n);
            svg.el("rect", "x", s.left(on) + s.day() * 0.18, "y", y + tall - h, "width", s.day() * 0.64, "height", h);
            if (n == most) {
                svg.text(s.middle(on), y + 12, Integer.toString(n), "class", "figure", "text-anchor", "middle");
            }
            svg.close("g");
        });
    }

    private static void band(Svg svg, Scale s, List<Weather> weather, double y, double tall, Words say) {
        List<Weather> warm =
                weather.stream().filter(w -> w.celsius().getCount() > 0).toList();
        if (warm.isEmpty()) {
            return;
        }
        double low = warm.stream().mapToDouble(w -> w.celsius().getMin()).min().orElse(0);
        double high = warm.stream().mapToDouble(w -> w.celsius().getMax()).max().orElse(1);
        double span = Math.max(1, high - low);
        for (Weather w : warm) {
            double top = y + 8 + (tall - 16) * (high - w.celsius().getMax()) / span;
            double bottom = y + 8 + (tall - 16) * (high - w.celsius().getMin()) / span;
            says(svg, "chart-point mark-probe", say.shortDate(w.on()) + ": " + w.says(say));
            svg.el(
                            "rect",
                            "x",
                            s.left(w.on()) + s.day() * 0.3,
                            "y",
                            top,
                            "width",
                            s.day() * 0.4,
                            "height",
                            Math.max(2, bottom - top),
                            "rx",
                            2)
                    .close("g");
        }
        double x = s.left(warm.get(0).on()) - 5;
        boolean room = x > LEFT + 60;
        svg.text(
                room ? x : RIGHT,
                y + 14,
                say.temperature(Rounding.to(1, high)),
                "class",
                "small",
                "text-anchor",
                "end");
        svg.text(
                room ? x : RIGHT,
                y + tall - 5,
                say.temperature(Rounding.to(1, low)),
                "class",
                "small",
                "text-anchor",
                "end");
    }

    private static void axis(Svg svg, Scale s, LocalDate from, LocalDate on, LocalDate until, double y, Words say) {
        double last = -100;
        svg.text(s.middle(on), y + 19, say.shortDate(on), "class", "figure", "text-anchor", "middle");
        long step = Math.max(1, Math.round(s.days() / 9.0));
        for (LocalDate d = from; !d.isAfter(until); d = d.plusDays(step)) {
            double x = s.middle(d);
            svg.el("line", "class", "grid", "x1", x, "x2", x, "y1", y, "y2", y + 5);
            if (Math.abs(x - s.middle(on)) > 56 && x - last > 56) {
                svg.text(x, y + 19, say.shortDate(d), "class", "small", "text-anchor", "middle");
                last = x;
            }
        }
    }
}
