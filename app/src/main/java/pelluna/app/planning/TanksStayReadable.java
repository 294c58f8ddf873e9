package pelluna.app.planning;

import java.time.Clock;
import java.time.LocalDate;

import org.springframework.stereotype.Component;

import pelluna.app.account.CurrentKeeper;
import pelluna.app.ownword.OwnWordGuard;
import pelluna.app.tank.Residents;
import pelluna.app.tank.Tanks;
import pelluna.app.wishes.Wishes;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.plan.PlanException;
import pelluna.core.plan.PlanReader;

/** No word of a keeper may make one of the keeper's own tanks impossible: a fish longer than its record, a species that is gone. */
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
        tanks.findByKeeperIdOrderById(keeper.get().id()).forEach(tank -> {
            try {
                new PlanReader(candidate).read(PlanDesk.tree(tank, residents.findByTankIdOrderById(tank.id()), wishes.findByTankIdOrderById(tank.id())), LocalDate.now(clock));
            } catch (PlanException e) {
                throw new CatalogueException("In " + tank.name(), "found " + e.found() + "; expected " + e.expected());
            }
        });
    }
}
