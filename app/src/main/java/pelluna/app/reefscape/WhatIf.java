package pelluna.app.reefscape;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.planning.NoSuchTankException;
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
    private final TankPlans plans;
    private final PlanSteps steps;
    private final Tanks tanks;

    WhatIf(TankPlans plans, PlanSteps steps, Tanks tanks) {
        this.plans = plans;
        this.steps = steps;
        this.tanks = tanks;
    }

    /** The number of the sandbox of a tank, a fresh copy if there is none yet. */
    @Transactional
    long open(long id) {
        TankEntity tank = plans.tank(id);
        if (tank.sandboxOf() != null) {
            return id;
        }
        Optional<TankEntity> there = tanks.sandboxOf(id);
        if (there.isPresent()) {
            return there.get().id();
        }
        String name = plans.words().text("page.reefscape.whatIf3", tank.name());
        TankEntity copy = plans.bringIn(plans.file(id)
                .unnumbered()
                .named(name.length() > MOST_LETTERS ? name.substring(0, MOST_LETTERS) : name));
        copy.copies(id, steps.numbered(id));
        tanks.save(copy);
        return copy.id();
    }

    /** The sandbox of a tank, if one was left open. */
    @Transactional(readOnly = true)
    Optional<Long> of(long id) {
        return tanks.sandboxOf(plans.tank(id).id()).map(TankEntity::id);
    }

    /** Whether the plan is still the one that the sandbox was copied from. */
    @Transactional(readOnly = true)
    boolean planIsAsItWas(long sandbox) {
        TankEntity copy = sandbox(sandbox);
        return steps.numbered(copy.sandboxOf()).equals(copy.sandboxBase());
    }

    /** Puts what was tried in the place of the plan, as one step that can be taken back. @return the tank */
    @Transactional
    long keep(long sandbox) {
        TankEntity copy = sandbox(sandbox);
        long id = copy.sandboxOf();
        PlanFile base = copy.sandboxBase();
        PlanFile tried = SandboxRows.renumbered(steps.numbered(sandbox), base);
        PlanFile kept = SandboxRows.keepingRecords(tried, base);
        steps.change(id, new PlanChange.WhatIfKept(), plan -> kept.named(plan.name()));
        tanks.delete(copy);
        return id;
    }

    /** @return the tank, whose plan is as it was */
    @Transactional
    long drop(long sandbox) {
        TankEntity copy = sandbox(sandbox);
        tanks.delete(copy);
        return copy.sandboxOf();
    }

    private TankEntity sandbox(long id) {
        TankEntity copy = plans.tank(id);
        if (copy.sandboxOf() == null) {
            throw new NoSuchTankException();
        }
        return copy;
    }
}
