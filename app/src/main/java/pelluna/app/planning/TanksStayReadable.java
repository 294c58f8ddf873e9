package pelluna.app.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Ownership;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.PlannedFish;
import pelluna.app.overrides.FactOverrideGuard;
import pelluna.app.planfile.Problem;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.plan.PlanException;
import pelluna.core.plan.PlanReader;

/**
 * No word of a keeper may make one of the keeper's own tanks impossible: a fish longer than its record, a species that
 * is gone.
 */
@Component
class TanksStayReadable implements FactOverrideGuard {
    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final Tanks tanks;
    private final Lives lives;
    private final Clock clock;

    TanksStayReadable(CurrentKeeper keeper, Ownership ownership, Tanks tanks, Lives lives, Clock clock) {
        this.keeper = keeper;
        this.ownership = ownership;
        this.tanks = tanks;
        this.lives = lives;
        this.clock = clock;
    }

    @Override
    public void check(Catalogue candidate) {
        List<TankEntity> all = tanks.of(keeper.get().id());
        Map<Long, PlannedFish> fish =
                lives.planned(all.stream().map(t -> ownership.tank(t.id())).toList());
        PlanReader reader = new PlanReader(candidate);
        all.forEach(tank -> {
            try {
                reader.read(
                        TankPlans.file(tank, fish.getOrDefault(tank.id(), PlannedFish.none())), LocalDate.now(clock));
            } catch (PlanException e) {
                throw new CatalogueException(
                        new FactPlace.InTank(tank.name()), new Problem(e.field(), e.found(), e.expected()));
            }
        });
    }
}
