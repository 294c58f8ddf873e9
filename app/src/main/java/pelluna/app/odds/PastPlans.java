package pelluna.app.odds;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pelluna.app.account.OwnedTank;
import pelluna.core.plan.PlanFile;

/** Plans as they were on the days of arrivals, with what has happened since. */
public interface PastPlans {
    /** One day of arrivals. @param who came @param amiss what went wrong from then on, as far as the log knows */
    record Past(long word, LocalDate on, String who, List<Amiss> amiss) {}

    /** A fish that was lost, or badly hurt. @param species its accepted name @param came null if nobody knows when */
    record Amiss(LocalDate on, String says, String species, LocalDate came) {}

    /** Newest first. */
    List<Past> of(OwnedTank tank);

    /** The plan of such a day, as it was. */
    Optional<PlanFile> plan(OwnedTank tank, long word);
}
