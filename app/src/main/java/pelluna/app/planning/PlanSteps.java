package pelluna.app.planning;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.livestock.Lives;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.rows.PlanJson;
import pelluna.app.rows.StatementJson;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;
import pelluna.core.plan.PlanFile;
import pelluna.core.units.Statement;

/**
 * Changes to a whole plan that can be taken back. A plan is kept as its plan file, with the number of its row on every
 * fish, so that what comes back is the same fish.
 */
@Service
public class PlanSteps {
    /** Steps that are remembered for a tank. */
    private static final int MOST = 30;

    private final TankPlans plans;
    private final Tanks tanks;
    private final Lives lives;
    private final KeeperCatalogue catalogue;
    private final PlanStepRows steps;
    private final StatementJson changes;

    PlanSteps(TankPlans plans, Tanks tanks, Lives lives, KeeperCatalogue catalogue, PlanStepRows steps) {
        this.plans = plans;
        this.tanks = tanks;
        this.lives = lives;
        this.catalogue = catalogue;
        this.steps = steps;
        this.changes = new StatementJson(name -> catalogue.get().find(name), List.of(PlanChange.class));
    }

    /**
     * Changes a plan and remembers how it was.
     *
     * @param what what is done
     * @param edit from the plan as it is to the plan as it is to be
     * @throws pelluna.app.planfile.PlanProblemsException if the plan would not hold; nothing is changed then
     */
    @Transactional
    public void change(OwnedTank tank, PlanChange what, UnaryOperator<PlanFile> edit) {
        PlanFile before = numbered(tank);
        lay(tank, edit.apply(before));
        PlanFile after = numbered(tank);
        if (!after.equals(before)) {
            steps.save(new PlanStepEntity(tank.id(), changes.write(List.of(what)), before, after));
            List<PlanStepEntity> all = steps.findByTankIdOrderByIdDesc(tank.id());
            steps.deleteAll(all.subList(Math.min(MOST, all.size()), all.size()));
        }
    }

    /** Changes a plan because something happened: no step, for no undo can take it back. */
    @Transactional
    public void happens(OwnedTank tank, UnaryOperator<PlanFile> edit) {
        lay(tank, edit.apply(numbered(tank)));
    }

    /** What was done last, if it can still be taken back: not after a change by another way. */
    @Transactional(readOnly = true)
    public Optional<Statement> last(OwnedTank tank) {
        return open(tank).map(this::what);
    }

    /**
     * Takes the last step back. @return whether there was one; none if the plan has been changed by another way since
     */
    @Transactional
    public boolean undo(OwnedTank tank) {
        Optional<PlanStepEntity> last = open(tank);
        last.ifPresent(step -> {
            lay(tank, step.before());
            steps.delete(step);
        });
        return last.isPresent();
    }

    private Statement what(PlanStepEntity step) {
        return changes.read(step.said()).get(0);
    }

    private Optional<PlanStepEntity> open(OwnedTank tank) {
        return steps.findFirstByTankIdOrderByIdDesc(tank.id())
                .filter(s -> s.after().equals(numbered(tank)));
    }

    /** The plan with the number of its row on every fish, without what the log knows of them. */
    @Transactional(readOnly = true)
    public PlanFile numbered(OwnedTank tank) {
        return TankPlans.file(plans.tank(tank), lives.planned(tank));
    }

    /** A short mark of a plan, so that a button works only on the plan for which it was made. */
    @Transactional(readOnly = true)
    public String mark(OwnedTank tank) {
        String text = PlanJson.MAPPER.writeValueAsString(numbered(tank));
        return Integer.toHexString(text.hashCode()) + Integer.toHexString(text.length());
    }

    /** Puts a plan in the place of what a tank's plan was; its name stays. */
    private void lay(OwnedTank tank, PlanFile plan) {
        TankEntity row = plans.tank(tank);
        plans.check(plan);
        row.plans(plan);
        tanks.save(row);
        lives.lay(
                tank,
                plan.residents(),
                plan.wishes(),
                species -> catalogue.get().find(species).orElseThrow().scientificName());
    }
}
