package pelluna.app.reefscape;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pelluna.app.drawing.Svg;
import pelluna.core.outlook.Change;

/** The plan's life under the slider: days run closer together to the right, arrivals and changes are marked. */
final class TimeAxis {
    private static final double WIDE = 1000;
    private static final int MOST_SAID = 3;

    /** Changes that fall on one place of the axis and look alike share a mark. */
    private record Mark(long x, String look, boolean arrival) {
        static Mark of(Change c, long x) {
            boolean arrival = c.kind() == Change.Kind.ARRIVES;
            return new Mark(x, arrival ? "arrival" : "change step-" + c.step().word(), arrival);
        }
    }

    private TimeAxis() {}

    static String draw(ReefscapeViews.View view, LocalDate day) {
        LocalDate start = view.opened().plan().startOn();
        long days = ChronoUnit.DAYS.between(start, view.end());
        Svg svg = new Svg().open("svg", "class", "time-axis", "viewBox", "0 0 1000 36", "aria-hidden", "true");
        Map<Mark, List<Change>> marks = view.changes().stream()
                .filter(c -> c.kind() != Change.Kind.GROWN)
                .collect(Collectors.groupingBy(
                        c -> Mark.of(c, Math.round(x(start, days, c.on()))), LinkedHashMap::new, Collectors.toList()));
        marks.forEach((mark, changes) -> {
            svg.open(
                    "line",
                    "x1",
                    mark.x(),
                    "x2",
                    mark.x(),
                    "y1",
                    mark.arrival() ? 0 : 4,
                    "y2",
                    mark.arrival() ? 14 : 10,
                    "class",
                    mark.look());
            svg.open("title")
                    .add(Svg.escape(view.opened().say().date(changes.get(0).on()) + ": "
                            + changes.stream()
                                    .limit(MOST_SAID)
                                    .map(c -> view.opened().say().of(c.event()))
                                    .collect(Collectors.joining("; "))
                            + (changes.size() > MOST_SAID
                                    ? view.opened()
                                            .say()
                                            .text("page.reefscape.andSoManyMore", changes.size() - MOST_SAID)
                                    : "")))
                    .close("title")
                    .close("line");
        });
        double last = -100;
        for (LocalDate year = start.withDayOfYear(1).plusYears(1);
                !year.isAfter(view.end());
                year = year.plusYears(1)) {
            double x = x(start, days, year);
            svg.el("line", "x1", x, "x2", x, "y1", 0, "y2", 4, "class", "year");
            if (x - last > 60 && x < WIDE - 40) {
                svg.text(x, 32, Integer.toString(year.getYear()), "text-anchor", "middle", "class", "small");
                last = x;
            }
        }
        return svg.close("svg").toString();
    }

    /** Share of the axis, times a thousand. */
    static double x(LocalDate start, long days, LocalDate on) {
        return WIDE * Math.sqrt(Math.max(0, Math.min(1, (double) ChronoUnit.DAYS.between(start, on) / days)));
    }
}
