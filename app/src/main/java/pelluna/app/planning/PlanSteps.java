package pelluna.app.planning;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
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
    public void change(long id, PlanChange what, UnaryOperator<PlanFile> edit) {
        PlanFile before = numbered(id);
        lay(id, edit.apply(before));
        PlanFile after = numbered(id);
        if (!after.equals(before)) {
            steps.save(new PlanStepEntity(id, changes.write(List.of(what)), before, after));
            List<PlanStepEntity> all = steps.findByTankIdOrderByIdDesc(id);
            steps.deleteAll(all.subList(Math.min(MOST, all.size()), all.size()));
        }
    }

    /** Changes a plan because something happened: no step, for no undo can take it back. */
    @Transactional
    public void happens(long id, UnaryOperator<PlanFile> edit) {
        lay(id, edit.apply(numbered(id)));
    }

    /** What was done last, if it can still be taken back: not after a change by another way. */
    @Transactional(readOnly = true)
    public Optional<Statement> last(long id) {
        return open(id).map(this::what);
    }

    /**
     * Takes the last step back. @return whether there was one; none if the plan has been changed by another way since
     */
    @Transactional
    public boolean undo(long id) {
        Optional<PlanStepEntity> last = open(id);
        last.ifPresent(step -> {
            lay(id, step.before());
            steps.delete(step);
        });
        return last.isPresent();
    }

    private Statement what(PlanStepEntity step) {
        return changes.read(step.said()).get(0);
    }

    private Optional<PlanStepEntity> open(long id) {
        return steps.findFirstByTankIdOrderByIdDesc(plans.tank(id).id())
                .filter(s -> s.after().equals(numbered(id)));
    }

    /** The plan with the number of its row on every fish, without what the log knows of them. */
    @Transactional(readOnly = true)
    public PlanFile numbered(long id) {
        return TankPlans.file(plans.tank(id), lives.planned(id));
    }

    /** A short mark of a plan, so that a button works only on the plan for which it was made. */
    @Transactional(readOnly = true)
    public String mark(long id) {
        String text = PlanJson.MAPPER.writeValueAsString(numbered(id));
        return Integer.toHexString(text.hashCode()) + Integer.toHexString(text.length());
    }

    /** Puts a plan in the place of what a tank's plan was; its name stays. */
    private void lay(long id, PlanFile plan) {
        TankEntity tank = plans.tank(id);
        plans.check(plan);
        tank.plans(plan);
        tanks.save(tank);
        lives.lay(
                id,
                plan.residents(),
                plan.wishes(),
                species -> catalogue.get().find(species).orElseThrow().scientificName());
    }
}
