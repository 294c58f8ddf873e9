package pelluna.core.shop;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Rest;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * The first day on which one fish alone may be bought: as the tank's age and a quarantine have it, and after the rest
 * that the last arrival asks for.
 *
 * @param buy     the day in the shop
 * @param release the day in the tank
 * @param rests   the last to come, where the rest after it is what decides
 */
public record BuyingDay(LocalDate buy, LocalDate release, Optional<Party> rests) {
    /** @param plan starting on the day of the question */
    static BuyingDay of(Plan plan, Party one) {
        Dated first = new Scheduler(plan.wishing(List.of(one)), List.of(one))
                .planned()
                .steps()
                .get(0);
        LocalDate buy = first.quarantineFrom().orElse(first.boxFrom());
        Optional<Party> rests =
                Rest.of(plan).filter(r -> r.until().equals(first.releaseOn())).map(Rest::last);
        return new BuyingDay(buy, first.releaseOn(), rests);
    }
}
