package pelluna.app.shop;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.ComesIn;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.quarantine.QuarantineBoard;
import pelluna.core.catalogue.Species;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;
import pelluna.core.plan.FishFile;

/** What is bought outside the plan, and what is slept on first. */
@Service
class Bought {
    private final TankPlans plans;
    private final Lives lives;
    private final ComesIn comesIn;
    private final QuarantineBoard quarantine;
    private final KeeperCatalogue catalogue;
    private final Clock clock;

    Bought(
            TankPlans plans,
            Lives lives,
            ComesIn comesIn,
            QuarantineBoard quarantine,
            KeeperCatalogue catalogue,
            Clock clock) {
        this.plans = plans;
        this.lives = lives;
        this.comesIn = comesIn;
        this.quarantine = quarantine;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /**
     * Writes it down: in a free place of quarantine, or in the tank. What was wished for or slept on is that very
     * fish.
     *
     * @param at when it was bought
     * @return its number
     */
    @Transactional
    long buy(OwnedTank tank, String species, boolean quarantined, Instant at) {
        Species s = species(species);
        LocalDate day = at.atZone(clock.getZone()).toLocalDate();
        LocalDate on = day.isAfter(plans.today()) ? plans.today() : day;
        Optional<LivestockEntity> known = known(tank, s);
        known.filter(k -> k.stage() == Stage.SLEPT_ON).ifPresent(k -> lives.wished(tank, k));
        return quarantined ? intoQuarantine(tank, s, known, on) : intoTheTank(tank, s, known, on);
    }

    private long intoTheTank(OwnedTank tank, Species s, Optional<LivestockEntity> known, LocalDate on) {
        if (known.isEmpty()) {
            return comesIn.comesAsIs(tank, FishFile.of(s.scientificName(), 1), on);
        }
        comesIn.comes(tank, known.get().id(), on);
        return known.get().id();
    }

    private long intoQuarantine(OwnedTank tank, Species s, Optional<LivestockEntity> known, LocalDate on) {
        long id =
                known.map(LivestockEntity::id).orElseGet(() -> plans.addWish(tank, FishFile.of(s.scientificName(), 1)));
        OpenTank opened = plans.open(tank);
        quarantine.begin(
                tank, "w" + id, freePlace(opened), on, opened.plan().tank().salinity());
        return id;
    }

    /** The first place in which nobody is; the last where all are taken. */
    private int freePlace(OpenTank opened) {
        int places = Math.max(1, opened.plan().tank().quarantinePlaces());
        List<Integer> taken = quarantine.taken(opened.owned());
        return IntStream.rangeClosed(1, places)
                .filter(p -> !taken.contains(p))
                .findFirst()
                .orElse(places);
    }

    /** The place of quarantine that one who was bought has to share; empty where it is alone. */
    OptionalInt shares(OwnedTank tank, long life) {
        return quarantine.sharedBy(tank, life);
    }

    /** One of it that is wished for, or else slept on; the earlier of two. */
    private Optional<LivestockEntity> known(OwnedTank tank, Species s) {
        return Stream.concat(
                        lives.planned(tank).wishes().stream().filter(w -> w.stage() == Stage.WISHED && w.count() == 1),
                        lives.sleptOn(tank).stream())
                .filter(l -> l.species().equals(s.scientificName()))
                .min(Comparator.comparing((LivestockEntity l) -> l.stage() == Stage.SLEPT_ON)
                        .thenComparing(LivestockEntity::id));
    }

    /** Puts one on the list to sleep on, once. */
    @Transactional
    void sleepOn(OwnedTank tank, String species) {
        Species s = species(species);
        boolean there = lives.sleptOn(tank).stream().anyMatch(l -> l.species().equals(s.scientificName()));
        if (!there) {
            lives.sleepOn(tank, s.scientificName());
        }
    }

    /** After the night: onto the wish list, or off. */
    @Transactional
    void wakeUp(OwnedTank tank, long slept, boolean wished) {
        LivestockEntity life =
                lives.one(tank, slept).filter(l -> l.stage() == Stage.SLEPT_ON).orElseThrow(NoSuchTankException::new);
        if (wished) {
            lives.wished(tank, life);
        } else {
            lives.happens(life, LifeEvent.TAKEN_OFF, plans.today());
        }
    }

    private Species species(String name) {
        return catalogue.get().find(name).orElseThrow(NoSuchTankException::new);
    }
}
