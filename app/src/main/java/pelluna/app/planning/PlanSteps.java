package pelluna.app.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.rows.PlanJson;
import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.Residents;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.TankEntry;
import pelluna.app.tank.Tanks;
import pelluna.app.wishes.WishEntity;
import pelluna.app.wishes.Wishes;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;

/**
 * Changes to a whole plan that can be taken back. A plan is kept as its plan file, with the number of its row on every
 * fish, so that what comes back is the same fish.
 */
@Service
public class PlanSteps {
    /** Steps that are remembered for a tank. */
    private static final int MOST = 30;

    private final PlanDesk desks;
    private final Tanks tanks;
    private final Residents residents;
    private final Wishes wishes;
    private final KeeperCatalogue catalogue;
    private final PlanStepRows steps;

    PlanSteps(
            PlanDesk desks,
            Tanks tanks,
            Residents residents,
            Wishes wishes,
            KeeperCatalogue catalogue,
            PlanStepRows steps) {
        this.desks = desks;
        this.tanks = tanks;
        this.residents = residents;
        this.wishes = wishes;
        this.catalogue = catalogue;
        this.steps = steps;
    }

    /**
     * Changes a plan and remembers how it was.
     *
     * @param said what is done, as 'rock moved'
     * @param edit from the plan as it is to the plan as it is to be
     * @throws pelluna.app.exchange.PlanProblemsException if the plan would not hold; nothing is changed then
     */
    @Transactional
    public void change(long id, String said, UnaryOperator<PlanFile> edit) {
        PlanFile before = numbered(id);
        lay(id, edit.apply(before));
        PlanFile after = numbered(id);
        if (!after.equals(before)) {
            steps.save(new PlanStepEntity(id, said, before, after));
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
    public Optional<String> last(long id) {
        return open(id).map(PlanStepEntity::said);
    }

    /**
     * Takes the last step back. @return what was taken back; empty if the plan has been changed by another way since
     */
    @Transactional
    public Optional<String> undo(long id) {
        Optional<PlanStepEntity> last = open(id);
        last.ifPresent(step -> {
            lay(id, step.before());
            steps.delete(step);
        });
        return last.map(PlanStepEntity::said);
    }

    private Optional<PlanStepEntity> open(long id) {
        return steps.findFirstByTankIdOrderByIdDesc(desks.tank(id).id())
                .filter(s -> s.after().equals(numbered(id)));
    }

    /** The plan with the number of its row on every fish, without what the log knows of them. */
    @Transactional(readOnly = true)
    public PlanFile numbered(long id) {
        return PlanDesk.file(desks.tank(id), residents.findByTankIdOrderById(id), wishes.findByTankIdOrderById(id));
    }

    /** A short mark of a plan, so that a button works only on the plan for which it was made. */
    @Transactional(readOnly = true)
    public String mark(long id) {
        String text = PlanJson.MAPPER.writeValueAsString(numbered(id));
        return Integer.toHexString(text.hashCode()) + Integer.toHexString(text.length());
    }

    /** Puts a plan in the place of what a tank's plan was; its name stays. */
    private void lay(long id, PlanFile plan) {
        TankEntity tank = desks.tank(id);
        desks.check(plan);
        tank.plans(plan);
        tanks.saveAndFlush(tank);
        lay(
                residents,
                residents.findByTankIdOrderById(id),
                plan.residents(),
                (name, f) -> new ResidentEntity(id, name, f));
        lay(wishes, wishes.findByTankIdOrderById(id), plan.wishes(), (name, f) -> new WishEntity(id, name, f));
    }

    private <E extends TankEntry> void lay(
            JpaRepository<E, Long> rows, List<E> there, List<FishFile> wanted, BiFunction<String, FishFile, E> fresh) {
        List<E> left = new ArrayList<>(there);
        for (FishFile fish : wanted) {
            String name = catalogue.get().find(fish.species()).orElseThrow().scientificName();
            there.stream()
                    .filter(e -> Objects.equals(e.id(), fish.row()))
                    .findFirst()
                    .ifPresentOrElse(
                            e -> {
                                e.become(name, fish);
                                rows.save(e);
                                left.remove(e);
                            },
                            () -> rows.save(fresh.apply(name, fish)));
        }
        rows.deleteAll(left);
        rows.flush();
    }
}
