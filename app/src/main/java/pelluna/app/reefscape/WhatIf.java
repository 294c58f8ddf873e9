package pelluna.app.reefscape;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.PlanSteps;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;

/** A copy of a plan to try things in: one at a time for each tank, kept or dropped as a whole. */
@Service
class WhatIf {
    private static final int MOST_LETTERS = 60;
    private final PlanDesk desks;
    private final PlanSteps steps;
    private final Tanks tanks;

    WhatIf(PlanDesk desks, PlanSteps steps, Tanks tanks) {
        this.desks = desks;
        this.steps = steps;
        this.tanks = tanks;
    }

    /** The number of the sandbox of a tank, a fresh copy if there is none yet. */
    @Transactional
    long open(long id) {
        TankEntity tank = desks.tank(id);
        if (tank.sandboxOf() != null) {
            return id;
        }
        Optional<TankEntity> there = tanks.findBySandboxOf(id);
        if (there.isPresent()) {
            return there.get().id();
        }
        Map<String, Object> tree = desks.tree(id);
        String name = "What if: " + tank.name();
        tree.put("name", name.length() > MOST_LETTERS ? name.substring(0, MOST_LETTERS) : name);
        TankEntity copy = desks.bringIn(tree);
        copy.copies(id, steps.text(id));
        tanks.save(copy);
        return copy.id();
    }

    /** The sandbox of a tank, if one was left open. */
    @Transactional(readOnly = true)
    Optional<Long> of(long id) {
        return tanks.findBySandboxOf(desks.tank(id).id()).map(TankEntity::id);
    }

    /** Whether the plan is still the one that the sandbox was copied from. */
    @Transactional(readOnly = true)
    boolean planIsAsItWas(long sandbox) {
        TankEntity copy = sandbox(sandbox);
        return steps.text(copy.sandboxOf()).equals(copy.sandboxBase());
    }

    /** Puts what was tried in the place of the plan, as one step that can be taken back. @return the tank */
    @Transactional
    long keep(long sandbox) {
        TankEntity copy = sandbox(sandbox);
        long id = copy.sandboxOf();
        Map<String, Object> tried = PlanSteps.read(steps.text(sandbox));
        Map<String, Object> base = PlanSteps.read(copy.sandboxBase());
        SandboxRows.renumber(tried, base);
        SandboxRows.keepRecords(tried, base);
        steps.change(id, "what was tried kept", tree -> {
            Object name = tree.get("name");
            tree.clear();
            tree.putAll(tried);
            tree.put("name", name);
        });
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
        TankEntity copy = desks.tank(id);
        if (copy.sandboxOf() == null) {
            throw new NoSuchTankException();
        }
        return copy;
    }
}
