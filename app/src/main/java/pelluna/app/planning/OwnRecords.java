package pelluna.app.planning;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import pelluna.app.account.OwnedTank;
import pelluna.app.livestock.LivestockEntity;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.plan.Plan;

/** What the fish of a tank have been seen to do. */
public interface OwnRecords {
    /**
     * @param plan   asked for only if something was watched
     * @param living in the order of the plan's residents
     * @return by the row of the resident; without those that were never watched or whose record is set aside
     */
    Map<Long, OwnRecord> of(OwnedTank tank, Supplier<Plan> plan, List<LivestockEntity> living);
}
