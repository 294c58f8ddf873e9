package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import pelluna.app.chart.Axis;
import pelluna.app.chart.Plot;
import pelluna.app.drawing.Svg;
import pelluna.words.Words;

/** Days from left to right, the same for lanes and strips. */
record DateAxis(LocalDate from, LocalDate to, double x0, double x1) {
    double x(LocalDate day) {
        return x0 + Math.min(1, across().share(since(day))) * (x1 - x0);
    }

    /** Days since its first one. */
    long since(LocalDate day) {
        return ChronoUnit.DAYS.between(from, day);
    }

    long days() {
        return since(to);
    }

    boolean shows(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }

    private Axis across() {
        return Axis.even(0, days());
    }

    /** A part of the drawing over these days. */
    Plot plot(Svg svg, double top, double bottom, Axis up) {
        return new Plot(svg, new Plot.Box(x0, top, x1, bottom), across(), up);
    }

    /** Lines at the months, named above where there is room. */
    void months(Svg svg, double top, double bottom, Words say) {
        int every = days() > 720 ? 6 : days() > 420 ? 3 : days() > 240 ? 2 : 1;
        Plot all = plot(svg, top, bottom, Axis.even(0, 1));
        for (LocalDate m = from.withDayOfMonth(1).plusMonths(1); m.isBefore(to); m = m.plusMonths(1)) {
            if ((m.getMonthValue() - 1) % every == 0) {
                String name = say.days().shortMonth(m);
                all.head(since(m), m.getMonthValue() == 1 ? name + " " + m.getYear() : name);
            }
        }
    }
}
