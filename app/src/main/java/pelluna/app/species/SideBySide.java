package pelluna.app.species;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.TankPlans;
import pelluna.core.catalogue.Species;

/** Holds two or three species side by side for a tank; a fourth takes the place of the first. */
@Service
public class SideBySide {
    private static final int MOST = 3;

    private final TankPlans plans;
    private final KeptBeside kept;
    private final KeeperCatalogue catalogue;

    SideBySide(TankPlans plans, KeptBeside kept, KeeperCatalogue catalogue) {
        this.plans = plans;
        this.kept = kept;
        this.catalogue = catalogue;
    }

    /** Those held, first held first; one that has left the catalogue is passed over. */
    @Transactional(readOnly = true)
    public List<Species> of(OwnedTank tank) {
        plans.tank(tank);
        return kept.findByTankIdOrderById(tank.id()).stream()
                .flatMap(k -> catalogue.get().find(k.scientificName()).stream())
                .toList();
    }

    @Transactional
    public void keep(OwnedTank tank, Species s) {
        plans.tank(tank);
        List<KeptBesideEntity> there = kept.findByTankIdOrderById(tank.id());
        if (there.stream().anyMatch(k -> k.scientificName().equals(s.scientificName()))) {
            return;
        }
        for (int i = 0; i <= there.size() - MOST; i++) {
            kept.delete(there.get(i));
        }
        kept.save(new KeptBesideEntity(tank.id(), s.scientificName()));
    }

    @Transactional
    public void letGo(OwnedTank tank, String scientificName) {
        plans.tank(tank);
        kept.deleteByTankIdAndScientificName(tank.id(), scientificName);
    }
}
