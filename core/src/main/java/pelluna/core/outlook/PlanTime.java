package pelluna.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Schedule;

/**
 * What a plan takes of its keeper's time.
 *
 * @param weeks          from the start to the last release, rounded up
 * @param quarantineDays days on which somebody in quarantine has to be looked at, over all arrivals
 * @param boxDays        days with somebody in the box
 */
public record PlanTime(long weeks, long quarantineDays, long boxDays) {
    public static PlanTime of(LocalDate start, Schedule schedule) {
        long quarantine = schedule.steps().stream()
                .mapToLong(d -> d.quarantineFrom()
                        .map(q -> ChronoUnit.DAYS.between(q, d.boxFrom()))
                        .orElse(0L))
                .sum();
        long box = schedule.steps().stream()
                .mapToLong(d -> ChronoUnit.DAYS.between(d.boxFrom(), d.releaseOn()))
                .sum();
        long days = schedule.steps().stream()
                .map(Dated::releaseOn)
                .mapToLong(d -> ChronoUnit.DAYS.between(start, d))
                .max()
                .orElse(0);
        return new PlanTime((days + 6) / 7, quarantine, box);
    }
}
