package pelluna.app.reefscape;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;
import pelluna.core.plan.PlanFile;

/** A copy of a plan to try things in: one at a time for each tank, kept or dropped as a whole. */
@Service
class WhatIf {
    private static final int MOST_LETTERS = 60;
    private final Ownership ownership;
    private final TankPlans plans;
    private final PlanSteps steps;
    private final Tanks tanks;

    WhatIf(Ownership ownership, TankPlans plans, PlanSteps steps, Tanks tanks) {
        this.ownership = ownership;
        this.plans = plans;
        this.steps = steps;
        this.tanks = tanks;
    }

    /** The number of the sandbox of a tank, a fresh copy if there is none yet. */
    @Transactional
    OwnedTank open(OwnedTank tank) {
        TankEntity row = plans.tank(tank);
        if (row.sandboxOf() != null) {
            return tank;
        }
        Optional<TankEntity> there = tanks.sandboxOf(tank);
        if (there.isPresent()) {
            return ownership.tank(there.get().id());
        }
        String name = plans.words().text("page.reefscape.whatIf3", row.name());
        TankEntity copy = plans.copy(
                tank,
                plans.file(tank)
                        .unnumbered()
                        .named(name.length() > MOST_LETTERS ? name.substring(0, MOST_LETTERS) : name),
                steps.numbered(tank));
        return ownership.tank(copy.id());
    }

    /** The sandbox of a tank, if one was left open. */
    @Transactional(readOnly = true)
    Optional<Long> of(OwnedTank tank) {
        return tanks.sandboxOf(tank).map(TankEntity::id);
    }

    /** Whether the plan is still the one that the sandbox was copied from. */
    @Transactional(readOnly = true)
    boolean planIsAsItWas(OwnedTank sandbox) {
        TankEntity copy = sandbox(sandbox);
        return steps.numbered(of(copy)).equals(copy.sandboxBase());
    }

    /** Puts what was tried in the place of the plan, as one step that can be taken back. @return the tank */
    @Transactional
    OwnedTank keep(OwnedTank sandbox) {
        TankEntity copy = sandbox(sandbox);
        OwnedTank tank = of(copy);
        PlanFile base = copy.sandboxBase();
        PlanFile tried = SandboxRows.renumbered(steps.numbered(sandbox), base);
        PlanFile kept = SandboxRows.keepingRecords(tried, base);
        steps.change(tank, new PlanChange.WhatIfKept(), plan -> kept.named(plan.name()));
        tanks.delete(copy);
        return tank;
    }

    /** @return the tank, whose plan is as it was */
    @Transactional
    OwnedTank drop(OwnedTank sandbox) {
        TankEntity copy = sandbox(sandbox);
        tanks.delete(copy);
        return of(copy);
    }

    /** The tank that an open one is a what-if copy of; null if it is none. */
    OwnedTank copied(OpenTank opened) {
        return opened.tank().sandboxOf() == null ? null : of(opened.tank());
    }

    private OwnedTank of(TankEntity copy) {
        return ownership.tank(copy.sandboxOf());
    }

    private TankEntity sandbox(OwnedTank tank) {
        TankEntity copy = plans.tank(tank);
        if (copy.sandboxOf() == null) {
            throw new NoSuchTankException();
        }
        return copy;
    }
}
