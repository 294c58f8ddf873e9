package pelluna.app.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.ownword.OwnWordGuard;
import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.Residents;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.Tanks;
import pelluna.app.wishes.WishEntity;
import pelluna.app.wishes.Wishes;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.plan.PlanException;
import pelluna.core.plan.PlanReader;

/**
 * No word of a keeper may make one of the keeper's own tanks impossible: a fish longer than its record, a species that
 * is gone.
 */
@Component
class TanksStayReadable implements OwnWordGuard {
    private final CurrentKeeper keeper;
    private final Tanks tanks;
    private final Residents residents;
    private final Wishes wishes;
    private final Clock clock;

    TanksStayReadable(CurrentKeeper keeper, Tanks tanks, Residents residents, Wishes wishes, Clock clock) {
        this.keeper = keeper;
        this.tanks = tanks;
        this.residents = residents;
        this.wishes = wishes;
        this.clock = clock;
    }

    @Override
    public void check(Catalogue candidate) {
        List<TankEntity> all = tanks.findByKeeperIdOrderById(keeper.get().id());
        List<Long> ids = all.stream().map(TankEntity::id).toList();
        Map<Long, List<ResidentEntity>> living =
                residents.findByTankIdInOrderById(ids).stream().collect(Collectors.groupingBy(ResidentEntity::tankId));
        Map<Long, List<WishEntity>> wished =
                wishes.findByTankIdInOrderById(ids).stream().collect(Collectors.groupingBy(WishEntity::tankId));
        PlanReader reader = new PlanReader(candidate);
        all.forEach(tank -> {
            try {
                reader.read(
                        PlanDesk.file(
                                tank,
                                living.getOrDefault(tank.id(), List.of()),
                                wished.getOrDefault(tank.id(), List.of())),
                        LocalDate.now(clock));
            } catch (PlanException e) {
                throw new CatalogueException("In " + tank.name(), "found " + e.found() + "; expected " + e.expected());
            }
        });
    }
}
