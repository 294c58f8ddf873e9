package pelluna.app.losses;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.fish.WhoIsMissing;
import pelluna.app.planning.TankPlans;
import pelluna.core.livestock.LifeEvent;

/** Who is missing: a state of its own, that ends in found or lost. */
@Service
public class MissingFish implements WhoIsMissing {
    private final TankPlans plans;
    private final Individuals fish;
    private final MissingRows rows;

    MissingFish(TankPlans plans, Individuals fish, MissingRows rows) {
        this.plans = plans;
        this.fish = fish;
        this.rows = rows;
    }

    @Override
    @Transactional
    public void missing(OwnedTank tank, long number, int count) {
        since(tank, number, count, plans.today());
    }

    /** The same from a day on. */
    @Transactional
    public void since(OwnedTank tank, long number, int count, LocalDate on) {
        Fish f = fish.one(tank, number);
        rows.save(new MissingEntity(tank.id(), number, count, on));
        if (count >= f.count()) {
            fish.happens(tank, number, LifeEvent.MISSED, on);
        }
    }

    @Override
    @Transactional
    public int found(OwnedTank tank, long number) {
        Fish f = fish.one(tank, number);
        int some = ends(number, "found");
        if (f.missing()) {
            fish.happens(tank, number, LifeEvent.FOUND);
            return 0;
        }
        return some;
    }

    private int ends(long number, String how) {
        List<MissingEntity> open = rows.findByFishIdAndEndedOnIsNull(number);
        open.forEach(m -> m.ends(plans.today(), how));
        rows.saveAll(open);
        return open.stream().mapToInt(MissingEntity::count).sum();
    }

    /** So many of those missing are given up for lost. @return how many were missing */
    @Transactional
    int lost(OwnedTank tank, long number, int count) {
        int there = ends(number, "lost");
        if (there > count) {
            rows.save(new MissingEntity(tank.id(), number, there - count, plans.today()));
        }
        return Math.min(there, count);
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Missing> missing(OwnedTank tank, long number) {
        List<MissingEntity> open = rows.findByFishIdAndEndedOnIsNull(number);
        return open.isEmpty()
                ? Optional.empty()
                : Optional.of(new Missing(
                        open.stream().mapToInt(MissingEntity::count).sum(),
                        open.get(0).sinceOn()));
    }

    /** Everybody who is missing from these tanks, the longest first. */
    @Transactional(readOnly = true)
    List<MissingEntity> open(Collection<OwnedTank> tanks) {
        return rows.findByTankIdInAndEndedOnIsNullOrderBySinceOnAscIdAsc(OwnedTank.ids(tanks));
    }
}
