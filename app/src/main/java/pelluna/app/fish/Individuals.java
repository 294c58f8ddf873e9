package pelluna.app.fish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.livestock.Provenance;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.picture.PictureFile;
import pelluna.app.picture.Pictures;
import pelluna.app.planning.TankPlans;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.livestock.LifeEvent;

/**
 * The fish of a tank as individuals and groups: everybody who came further than a wish.
 */
@Service
public class Individuals {
    private final TankPlans plans;
    private final Lives lives;
    private final KeeperCatalogue catalogue;
    private final Pictures pictures;

    Individuals(TankPlans plans, Lives lives, KeeperCatalogue catalogue, Pictures pictures) {
        this.plans = plans;
        this.lives = lives;
        this.catalogue = catalogue;
        this.pictures = pictures;
    }

    /** Everybody who ever was in the tank, in the order of their numbers. */
    @Transactional(readOnly = true)
    public List<Fish> all(OwnedTank tank) {
        return fish(lives.met(List.of(tank)));
    }

    /** The same of several tanks, by number. Callers have looked them up with their keeper. */
    @Transactional(readOnly = true)
    public Map<Long, Fish> all(Collection<OwnedTank> tanks) {
        return fish(rows(tanks)).stream()
                .collect(Collectors.toMap(Fish::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    private List<Fish> fish(List<LivestockEntity> rowsOfFish) {
        Catalogue species = catalogue.get();
        List<Fish> all = new ArrayList<>();
        for (LivestockEntity f : rowsOfFish) {
            species.find(f.species())
                    .ifPresent(s -> all.add(new Fish(
                            f.id(),
                            s,
                            f.count(),
                            f.name(),
                            f.role(),
                            f.stage(),
                            f.partOf(),
                            f.cameOn(),
                            f.recordAside(),
                            f.pictureId() != null)));
        }
        return all;
    }

    /** Those who are in the tank or its box, and those who are missing. */
    @Transactional(readOnly = true)
    public List<Fish> there(OwnedTank tank) {
        return all(tank).stream().filter(Fish::there).toList();
    }

    /** @throws NoSuchTankException if this tank never had it */
    @Transactional(readOnly = true)
    public Fish one(OwnedTank tank, long fish) {
        return all(tank).stream().filter(f -> f.id() == fish).findFirst().orElseThrow(NoSuchTankException::new);
    }

    LivestockEntity row(OwnedTank tank, long fish) {
        return lives.one(tank, fish).orElseThrow(NoSuchTankException::new);
    }

    /** A name and a role; members of a group by their own row. */
    @Transactional
    public void called(OwnedTank tank, long fish, String name, String role) {
        LivestockEntity f = row(tank, fish);
        f.called(name.strip(), role);
        lives.save(f);
    }

    /** Names one of a group. @return its number */
    @Transactional
    public long member(OwnedTank tank, long group, String name, String role) {
        LivestockEntity g = row(tank, group);
        if (g.count() < 2 || g.partOf() != null || members(tank, group) >= g.count()) {
            throw new Refused(new FishRefusal.AllNamed());
        }
        if (name.isBlank()) {
            throw new Refused(new FishRefusal.NoName());
        }
        return lives.member(g, name.strip(), role).id();
    }

    private long members(OwnedTank tank, long group) {
        return lives.met(List.of(tank)).stream()
                .filter(f -> Objects.equals(f.partOf(), group) && !f.stage().over())
                .count();
    }

    /** Something happens to it today. */
    @Transactional
    public void happens(OwnedTank tank, long fish, LifeEvent event) {
        happens(tank, fish, event, plans.today());
    }

    @Transactional
    public void happens(OwnedTank tank, long fish, LifeEvent event, LocalDate on) {
        lives.happens(row(tank, fish), event, on);
    }

    /** It is here no more. Lost out of quarantine or the box, it stays a wish until it is taken off the plan. */
    @Transactional
    public void left(OwnedTank tank, long fish, LifeEvent how, LocalDate on) {
        LivestockEntity f = row(tank, fish);
        boolean wished = f.stage().wish();
        lives.happens(f, how, on);
        if (wished) {
            lives.wishAgain(tank, f);
        }
    }

    @Transactional
    public void setsAside(OwnedTank tank, long fish, boolean aside) {
        LivestockEntity f = row(tank, fish);
        f.setsAside(aside);
        lives.save(f);
    }

    @Transactional
    public void shows(OwnedTank tank, long fish, PictureFile file) {
        LivestockEntity f = row(tank, fish);
        f.shows(pictures.keep(tank, file, f.pictureId()));
        lives.save(f);
    }

    @Transactional(readOnly = true)
    public Optional<PictureFile> picture(OwnedTank tank, long fish) {
        return pictures.of(tank, row(tank, fish).pictureId());
    }

    /** Some that never came further than quarantine: from there they have a history. @return their number */
    @Transactional
    public long fromQuarantine(OwnedTank tank, Long wish, String species, int count, Origin origin) {
        LivestockEntity wished = wish == null ? null : lives.one(tank, wish).orElse(null);
        LivestockEntity f = lives.apart(tank, wished, species, count);
        f.provenance().comesFrom(origin.acquiredOn(), origin.school().word());
        lives.save(f);
        return f.id();
    }

    /** Some that came and went, of whom nobody had written anything down. @return their number */
    @Transactional
    public long remembered(OwnedTank tank, String species, int count, LocalDate came, LifeEvent how, LocalDate left) {
        return lives.remembered(tank, species, count, came, how, left).id();
    }

    /**
     * Where it comes from, in its keeper's words. @param school word of a quarantine school; empty if nobody knows;
     * @param price each; null likewise
     */
    @Transactional
    public void bought(
            OwnedTank tank,
            long fish,
            String shop,
            Boolean captiveBred,
            String school,
            Double price,
            LocalDate acquired) {
        LivestockEntity f = row(tank, fish);
        f.provenance().comesFrom(acquired, school);
        f.provenance().bought(shop.strip(), captiveBred, price);
        lives.save(f);
    }

    @Transactional(readOnly = true)
    public Provenance provenance(OwnedTank tank, long fish) {
        return row(tank, fish).provenance();
    }

    /** The rows of several tanks, as they are; callers have looked the tanks up with their keeper. */
    @Transactional(readOnly = true)
    public List<LivestockEntity> rows(Collection<OwnedTank> tanks) {
        return lives.met(tanks);
    }

    /** Where it comes from, as far as its quarantine tells. */
    @Transactional
    public void comesFrom(OwnedTank tank, long fish, Optional<Origin> origin) {
        LivestockEntity f = row(tank, fish);
        f.provenance()
                .comesFrom(
                        origin.map(Origin::acquiredOn).orElse(null),
                        origin.map(o -> o.school().word()).orElse(f.provenance().school()));
        lives.save(f);
    }

    /** A departure is taken back: whoever left stands where it stood, and nobody is needed in its place. */
    @Transactional
    public void putBack(OwnedTank tank, long fish) {
        LivestockEntity f = row(tank, fish);
        if (f.stage().over()) {
            lives.happens(f, LifeEvent.PUT_BACK, plans.today());
            lives.notLost(f);
        }
    }
}
