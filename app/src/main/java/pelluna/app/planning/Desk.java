package pelluna.app.planning;

import java.util.List;

import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.TankEntity;
import pelluna.app.wishes.WishEntity;
import pelluna.core.assessment.Assessment;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.Measures;

/** One tank on the keeper's desk: its rows, the plan they make, and what Pelluna says of it. */
public record Desk(TankEntity tank, List<ResidentEntity> residents, List<WishEntity> wishes, Plan plan, Assessment assessment,
                   Measures say) {

    /** The row of a wish, which stands in the plan at the same place. */
    public WishEntity row(Verdict verdict) {
        return wishes.get(plan.wishes().indexOf(verdict.wish()));
    }
}
