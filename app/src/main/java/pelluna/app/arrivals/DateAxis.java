package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import pelluna.app.drawing.Svg;
import pelluna.words.Words;

/** Days from left to right, the same for lanes and strips. */
record DateAxis(LocalDate from, LocalDate to, double x0, double x1) {
    double x(LocalDate day) {
        double share = (double) ChronoUnit.DAYS.between(from, day) / days();
        return x0 + Math.max(0, Math.min(1, share)) * (x1 - x0);
    }

    long days() {
        return ChronoUnit.DAYS.between(from, to);
    }

    boolean shows(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }

    /** Lines at the months, named above where there is room. */
    void months(Svg svg, double top, double bottom, Words say) {
        int every = days() > 720 ? 6 : days() > 420 ? 3 : days() > 240 ? 2 : 1;
        double last = -100;
        for (LocalDate m = from.withDayOfMonth(1).plusMonths(1); m.isBefore(to); m = m.plusMonths(1)) {
            if ((m.getMonthValue() - 1) % every == 0) {
                svg.el("line", "x1", x(m), "x2", x(m), "y1", top, "y2", bottom, "class", "grid");
                if (x(m) - last > 46 && x(m) < x1 - 22) {
                    String name = say.days().shortMonth(m);
                    svg.text(
                            x(m) + 4,
                            top - 8,
                            m.getMonthValue() == 1 ? name + " " + m.getYear() : name,
                            "class",
                            "small");
                    last = x(m);
                }
            }
        }
    }
}
