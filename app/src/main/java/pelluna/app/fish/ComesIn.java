package pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.planning.WishComes;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Party;

/**
 * The one way in: a wish turns into a resident, and what the plan said on this day is kept.
 */
@Service
public class ComesIn {
    private final TankPlans plans;
    private final PlanSteps steps;
    private final Individuals fish;
    private final Predictions word;

    ComesIn(TankPlans plans, PlanSteps steps, Individuals fish, Predictions word) {
        this.plans = plans;
        this.steps = steps;
        this.fish = fish;
        this.word = word;
    }

    /** A wish is at hand: where it comes from is known from here on. @param box whether it waits in the box */
    @Transactional
    public void begins(OwnedTank tank, long wish, Optional<Origin> origin, boolean box) {
        fish.comesFrom(tank, wish, origin);
        if (box) {
            fish.happens(tank, wish, LifeEvent.BOXED);
        }
    }

    /**
     * It is in the tank, from today on.
     *
     * @param wish its number
     * @throws Refused, if the wish has been taken off the plan
     */
    @Transactional
    public void comes(OwnedTank tank, long wish) {
        comes(tank, wish, plans.today());
    }

    /** The same from another day on, not after today: what was tapped without a connection came that day. */
    @Transactional
    public void comes(OwnedTank tank, long wish, LocalDate on) {
        OpenTank opened = plans.open(tank);
        Party party = opened.wished(wish).orElseThrow(() -> new Refused(new FishRefusal.NoWish()));
        comes(tank, opened, party, wish, on);
    }

    /** One that nobody had wished for is in the tank, from a day on that is not after today. @return its number */
    @Transactional
    public long comesAsIs(OwnedTank tank, FishFile came, LocalDate on) {
        OpenTank opened = plans.wishing(tank, came);
        List<Party> wishes = opened.plan().wishes();
        long wish = plans.addWish(tank, came);
        comes(tank, opened, wishes.get(wishes.size() - 1), wish, on);
        return wish;
    }

    private void comes(OwnedTank tank, OpenTank opened, Party party, long wish, LocalDate on) {
        int at = opened.plan().wishes().indexOf(party);
        word.arrives(opened, party, wish);
        steps.change(tank, new PlanChange.Arrived(), plan -> WishComes.arrived(plan, at, on));
    }
}
