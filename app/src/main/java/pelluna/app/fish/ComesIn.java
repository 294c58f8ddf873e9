package pelluna.app.fish;

import java.util.List;
import java.util.Map;
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
        comes(tank, desk, party, wish);
    }

    /**
     * One that nobody had wished for is in the tank, from today on.
     *
     * @param typed in the fields of a wish of a plan file
     */
    @Transactional
    public void comesAsIs(long tank, Map<String, Object> typed) {
        Desk desk = desks.wishing(tank, typed);
        List<Party> wishes = desk.plan().wishes();
        comes(tank, desk, wishes.get(wishes.size() - 1), desks.addWish(tank, typed));
    }

    private void comes(long tank, Desk desk, Party party, long wish) {
        int at = desk.plan().wishes().indexOf(party);
        word.arrives(desk, party, wish);
        steps.change(tank, "an arrival is in the tank", plan -> WishComes.arrived(plan, at, desks.today()));
    }
}
