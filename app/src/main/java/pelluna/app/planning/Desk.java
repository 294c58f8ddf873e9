package pelluna.app.planning;

import java.util.List;
import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.TankEntity;
import pelluna.app.wishes.WishEntity;
import pelluna.core.assessment.Assessment;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/**
 * One tank on the keeper's desk: its rows, the plan they make, and what Pelluna says of it, today and of the days
 * ahead.
 */
public record Desk(
        TankEntity tank,
        List<ResidentEntity> residents,
        List<WishEntity> wishes,
        Plan plan,
        Assessment assessment,
        Words say,
        Ahead ahead) {

    /** The name of a fish of the plan that stays the same while others come and go: 'w17' by the number of its row. */
    public String lasting(String partyId) {
        int i = Integer.parseInt(partyId.substring(1));
        return partyId.startsWith("r")
                ? "r" + residents.get(i).id()
                : "w" + wishes.get(i).id();
    }

    /** The row of a wish, which stands in the plan at the same place. */
    public WishEntity row(Verdict verdict) {
        return wishes.get(plan.wishes().indexOf(verdict.wish()));
    }
}
