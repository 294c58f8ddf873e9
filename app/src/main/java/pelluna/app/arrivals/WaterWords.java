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
import pelluna.words.Words;

/** What the strips say, in sentences. Computed, not promised. */
final class WaterWords {
    /** So many times what fish should stand is called poison. Pelluna's judgement. */
    private static final double POISON = 2.5;

    /** More than the filter carries by a tenth that is written. */
    private static final double MORE = 1.05;

    private WaterWords() {}

    /** The plan, then all of it in one day: peaks with their days and the toxic share. */
    static List<String> of(
            Plan plan, Schedule schedule, WaterCourse planned, WaterCourse atOnce, LocalDate until, Words say) {
        List<String> says = new ArrayList<>();
        LocalDate from = schedule.steps().get(0).releaseOn();
        planned.worst(from, until)
                .ifPresent(w -> says.add(say.text(
                        "page.arrivals.byThisPlanAmmoniaPeaksAtOn",
                        peak(w, say),
                        w.on(),
                        verdict(w, say),
                        number(planned.mostNitrite(from, until), say))));
        if (schedule.steps().size() > 1) {
            atOnce.worst(from, until)
                    .ifPresent(w -> says.add(say.text(
                            "page.arrivals.allOfItOnWouldHaveBrought",
                            from,
                            peak(w, say),
                            w.on(),
                            (int) ChronoUnit.DAYS.between(from, w.on()),
                            verdict(w, say),
                            times(w, say))));
        }
        return says;
    }

    /** The peak that one arrival brings, up to the next. */
    static String step(WaterCourse planned, Schedule schedule, Dated d, LocalDate until, Words say) {
        LocalDate next = d.position() < schedule.steps().size()
                ? schedule.steps().get(d.position()).releaseOn().minusDays(1)
                : until;
        return planned.worst(d.releaseOn(), next.isBefore(d.releaseOn()) ? d.releaseOn() : next)
                .map(w -> say.text(
                        "page.arrivals.afterItAmmoniaComesToNitriteTo",
                        peak(w, say),
                        number(planned.mostNitrite(d.releaseOn(), next), say),
                        verdict(w, say)))
                .orElse("");
    }

    private static String peak(WaterDay w, Words say) {
        return say.text("page.arrivals.mgLOfItUnIonised", number(w.ammonia(), say), number(w.toxic(), say));
    }

    private static String verdict(WaterDay w, Words say) {
        return w.toxic() > POISON * Ammonia.SAFE_TOXIC
                ? say.text("page.arrivals.poisonFishMayDieOfIt")
                : w.toxic() > Ammonia.SAFE_TOXIC
                        ? say.text("page.arrivals.moreThanTheThatFishShouldStand", number(Ammonia.SAFE_TOXIC, say))
                        : "";
    }

    private static String times(WaterDay w, Words say) {
        double share = w.load() / w.carried();
        return share < MORE
                ? say.text("page.arrivals.noMoreOfTheFilterThanIt")
                : say.text("page.arrivals.ofTheFilterTimesWhatItCarries", say.number(share, 1));
    }

    private static String number(double value, Words say) {
        return say.number(value, value < 0.1 ? 3 : 2);
    }
}
