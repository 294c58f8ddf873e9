package pelluna.app.incident;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import pelluna.app.chart.Axis;
import pelluna.app.chart.Chart;
import pelluna.app.chart.Plot;
import pelluna.app.drawing.Svg;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/**
 * The days around an incident on one line of time: a track for each kind of thing, the day itself marked through all
 * of them.
 */
final class IncidentDrawing {
    private static final double WIDE = 760;
    private static final double LEFT = 92;
    private static final double RIGHT = 12;
    private static final double TRACK = 34;
    private static final double TALL = 58;
    private static final double BOTTOM = 26;
    /** About so many days are named. */
    private static final double NAMED = 9;

    private final LocalDate from;
    private final Chart chart;
    private final Words say;

    private IncidentDrawing(LocalDate from, Chart chart, Words say) {
        this.from = from;
        this.chart = chart;
        this.say = say;
    }

    /** What a mark belongs to, in the order from the top. */
    enum Track {
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
    record Mark(LocalDate on, Track track, String says) {}

    /** What the probe said in a day: °C, g/kg, pH; without readings, of count 0. */
    record Weather(
            LocalDate on,
            DoubleSummaryStatistics celsius,
            DoubleSummaryStatistics salinity,
            DoubleSummaryStatistics pH) {
        /** '24.9 to 25.6 °C, salinity 35 to 35.2, pH 8 to 8.2'. */
        String says(Words say) {
            List<String> words = new ArrayList<>();
            if (celsius.getCount() > 0) {
                words.add(say.text(
                        "page.incident.fromTo",
                        say.temperature(Rounding.to(1, celsius.getMin())),
                        say.temperature(Rounding.to(1, celsius.getMax()))));
            }
            figure(words, say.text("page.incident.salinity"), salinity, 1, say);
            figure(words, "pH ", pH, 2, say);
            return String.join(", ", words);
        }

        private static void figure(List<String> words, String name, DoubleSummaryStatistics s, int places, Words say) {
            if (s.getCount() > 0) {
                String low = say.number(s.getMin(), places);
                String high = say.number(s.getMax(), places);
                words.add(low.equals(high) ? name + low : say.text("page.incident.namedFromTo", name, low, high));
            }
        }
    }

    /** @param acts contests by day @param say as the keeper reads */
    static String draw(
            LocalDate from,
            LocalDate on,
            LocalDate until,
            List<Mark> marks,
            Map<LocalDate, Integer> acts,
            List<Weather> weather,
            Words say) {
        List<Track> shown = Arrays.stream(Track.values())
                .filter(t -> marks.stream().anyMatch(m -> m.track() == t))
                .toList();
        double rows = shown.stream().mapToDouble(IncidentDrawing::tall).sum();
        Chart chart = new Chart(
                "incident-line",
                say.text("page.incident.timeLine"),
                new Chart.Frame(WIDE, Chart.rowsFrom() + rows + BOTTOM, LEFT, RIGHT, BOTTOM),
                Axis.even(0, ChronoUnit.DAYS.between(from, until) + 1),
                Axis.even(0, 1));
        IncidentDrawing drawing = new IncidentDrawing(from, chart, say);
        drawing.days(on, until);
        double y = chart.top();
        for (Track t : shown) {
            Plot row = chart.row(y, y + tall(t), Axis.even(0, 1));
            row.level(0, "grid", "");
            chart.svg().text(LEFT - 10, y + tall(t) / 2 + 4, say.of(t), "class", "small", "text-anchor", "end");
            if (t == Track.CONTESTS) {
                drawing.bars(row, acts);
            } else if (t == Track.PROBE) {
                drawing.band(row, weather);
            } else {
                drawing.marks(row, marks.stream().filter(m -> m.track() == t).toList(), t);
            }
            y += tall(t);
        }
        return chart.end();
    }

    private static double tall(Track t) {
        return t == Track.CONTESTS || t == Track.PROBE ? TALL : TRACK;
    }

    private double day() {
        return chart.x(1) - chart.x(0);
    }

    private double left(LocalDate on) {
        return chart.x(ChronoUnit.DAYS.between(from, on));
    }

    private double middle(LocalDate on) {
        return left(on) + day() / 2;
    }

    /** The day itself, lit through all tracks and named first; then others where there is room. */
    private void days(LocalDate on, LocalDate until) {
        double high = chart.bottom() - chart.top();
        chart.svg().el("rect", "class", "the-day", "x", left(on), "y", chart.top(), "width", day(), "height", high);
        named(on);
        long step = Math.max(1, Math.round((ChronoUnit.DAYS.between(from, until) + 1) / NAMED));
        for (LocalDate d = from; !d.isAfter(until); d = d.plusDays(step)) {
            if (!d.equals(on)) {
                named(d);
            }
        }
    }

    private void named(LocalDate day) {
        chart.mark(ChronoUnit.DAYS.between(from, day) + 0.5, say.shortDate(day));
    }

    private void marks(Plot row, List<Mark> marks, Track track) {
        Map<LocalDate, List<Mark>> byDay = new TreeMap<>();
        marks.forEach(m -> byDay.computeIfAbsent(m.on(), k -> new ArrayList<>()).add(m));
        double m = (row.top() + row.bottom()) / 2;
        byDay.forEach((on, some) -> {
            double x = middle(on);
            String all = String.join("; ", some.stream().map(Mark::says).toList());
            Svg svg = chart.open("mark-" + track.name().toLowerCase(Locale.ROOT), all);
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

    private void bars(Plot row, Map<LocalDate, Integer> acts) {
        int most = acts.values().stream().mapToInt(Integer::intValue).max().orElse(1);
        Plot bars = row.row(row.top() + 16, row.bottom(), Axis.even(0, most));
        acts.forEach((on, n) -> {
            double x = left(on) + day() * 0.18;
            Svg svg = chart.open("mark-contests", say.shortDate(on) + ": " + n);
            svg.el("rect", "x", x, "y", bars.y(n), "width", day() * 0.64, "height", bars.bottom() - bars.y(n));
            if (n == most) {
                svg.text(middle(on), row.top() + 12, Integer.toString(n), "class", "figure", "text-anchor", "middle");
            }
            svg.close("g");
        });
    }

    private void band(Plot row, List<Weather> weather) {
        List<Weather> warm =
                weather.stream().filter(w -> w.celsius().getCount() > 0).toList();
        if (warm.isEmpty()) {
            return;
        }
        double low = warm.stream().mapToDouble(w -> w.celsius().getMin()).min().orElse(0);
        double high = warm.stream().mapToDouble(w -> w.celsius().getMax()).max().orElse(1);
        Axis degrees = Axis.even(Math.min(low, high - 1), high);
        Plot band = row.row(row.top() + 8, row.bottom() - 8, degrees);
        for (Weather w : warm) {
            double x = left(w.on()) + day() * 0.3;
            double y = band.y(w.celsius().getMax());
            double tall = Math.max(2, band.y(w.celsius().getMin()) - y);
            chart.open("mark-probe", say.shortDate(w.on()) + ": " + w.says(say))
                    .el("rect", "x", x, "y", y, "width", day() * 0.4, "height", tall, "rx", 2)
                    .close("g");
        }
        double first = left(warm.get(0).on()) - 5;
        double x = first > LEFT + 60 ? first : chart.right();
        degree(x, row.top() + 14, high);
        degree(x, row.bottom() - 5, low);
    }

    private void degree(double x, double y, double celsius) {
        String says = say.temperature(Rounding.to(1, celsius));
        chart.svg().text(x, y, says, "class", "small", "text-anchor", "end");
    }
}
