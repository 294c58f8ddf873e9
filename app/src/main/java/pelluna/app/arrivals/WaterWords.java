package pelluna.app.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Schedule;
import pelluna.core.outlook.WaterCourse;
import pelluna.core.outlook.WaterDay;
import pelluna.core.plan.Plan;
import pelluna.core.water.Ammonia;
import pelluna.words.English;
import pelluna.words.Measures;

/** What the strips say, in sentences. Computed, not promised. */
final class WaterWords {
    /** So many times what fish should stand is called poison. Pelluna's judgement. */
    private static final double POISON = 2.5;

    private WaterWords() {}

    /** The plan, then all of it in one day: peaks with their days and the toxic share. */
    static List<String> of(Plan plan, Schedule schedule, WaterCourse planned, WaterCourse atOnce, LocalDate until) {
        List<String> says = new ArrayList<>();
        LocalDate from = schedule.steps().get(0).releaseOn();
        planned.worst(from, until)
                .ifPresent(w -> says.add("By this plan ammonia peaks at " + peak(w) + ", on " + Measures.date(w.on())
                        + verdict(w) + ". Nitrite comes to " + number(planned.mostNitrite(from, until)) + " mg/L."));
        if (schedule.steps().size() > 1) {
            atOnce.worst(from, until)
                    .ifPresent(w -> says.add("All of it on " + Measures.date(from) + " would have brought ammonia to "
                            + peak(w) + " by " + Measures.date(w.on()) + ", "
                            + English.count((int) ChronoUnit.DAYS.between(from, w.on()), "day", "days") + " later"
                            + verdict(w) + ", and asked " + times(w) + "."));
        }
        return says;
    }

    /** The peak that one arrival brings, up to the next. */
    static String step(WaterCourse planned, Schedule schedule, Dated d, LocalDate until) {
        LocalDate next = d.position() < schedule.steps().size()
                ? schedule.steps().get(d.position()).releaseOn().minusDays(1)
                : until;
        return planned.worst(d.releaseOn(), next.isBefore(d.releaseOn()) ? d.releaseOn() : next)
                .map(w -> "After it ammonia comes to " + peak(w) + ", nitrite to "
                        + number(planned.mostNitrite(d.releaseOn(), next)) + " mg/L" + verdict(w) + ".")
                .orElse("");
    }

    private static String peak(WaterDay w) {
        return number(w.ammonia()) + " mg/L, " + number(w.toxic()) + " of it un-ionised";
    }

    private static String verdict(WaterDay w) {
        return w.toxic() > POISON * Ammonia.SAFE_TOXIC
                ? ": poison, fish may die of it"
                : w.toxic() > Ammonia.SAFE_TOXIC
                        ? ": more than the " + number(Ammonia.SAFE_TOXIC) + " that fish should stand"
                        : "";
    }

    private static String times(WaterDay w) {
        double share = w.load() / w.carried();
        return share <= 1
                ? "no more of the filter than it carries by then"
                : "of the filter " + Measures.number(Measures.round(share, 1)) + " times what it carries by then";
    }

    private static String number(double value) {
        return Measures.number(Measures.round(value, value < 0.1 ? 3 : 2));
    }
}
