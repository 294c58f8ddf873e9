package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * The rest that a tank has after those who came last, as between arrivals of the plan: only where their keeper has said
 * when they came.
 *
 * @param last  who came last
 * @param until the first day on which the next may come in
 */
public record Rest(Party last, LocalDate until) {
    /** Empty where the last day of it is over when the plan starts. */
    public static Optional<Rest> of(Plan plan) {
        return plan.residents().stream()
                .filter(Party::dated)
                .filter(r -> !r.since().isAfter(plan.startOn()))
                .max(Comparator.comparing(Party::since).thenComparing(Party.AS_PUT_IN.reversed()))
                .map(r -> new Rest(r, r.since().plusDays(days(plan, r))))
                .filter(r -> r.until().isAfter(plan.startOn()));
    }

    /** Days until the next may come in after this one. */
    public static int days(Plan plan, Party one) {
        return new DaysBetween(plan).after(new Arrival(List.of(one)));
    }
}
