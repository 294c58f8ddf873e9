package pelluna.app.fish;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.WishComes;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.plan.Party;

/**
 * The one way in: a wish turns into a resident, and what the plan said on this day is kept.
 */
@Service
public class ComesIn {
    private final PlanDesk desks;
    private final PlanSteps steps;
    private final FishDesk fish;
    private final KeptWord word;

    ComesIn(PlanDesk desks, PlanSteps steps, FishDesk fish, KeptWord word) {
        this.desks = desks;
        this.steps = steps;
        this.fish = fish;
        this.word = word;
    }

    /** A wish is at hand: where it comes from is known from here on. @param box whether it waits in the box */
    @Transactional
    public void begins(long tank, long wish, Optional<Origin> origin, boolean box) {
        fish.comesFrom(tank, wish, origin);
        if (box) {
            fish.happens(tank, wish, LifeEvent.BOXED);
        }
    }

    /**
     * It is in the tank, from today on.
     *
     * @param wish its number
     * @throws IllegalArgumentException with a sentence, if the wish has been taken off the plan
     */
    @Transactional
    public void comes(long tank, long wish) {
        Desk desk = desks.open(tank);
        Party party = desk.wished(wish)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Its wish has been taken off the plan; put it back first, or call it off."));
        int at = desk.plan().wishes().indexOf(party);
        steps.change(tank, "an arrival is in the tank", plan -> WishComes.arrived(plan, at, desks.today()));
        word.arrives(desk, party, wish);
    }
}
