package pelluna.app.fish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.picture.PictureFile;
import pelluna.app.picture.Pictures;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.Residents;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Party;

/**
 * The fish of a tank as individuals and groups. Follows the plan: whoever is a resident has a fish, and who is taken
 * off the plan is gone.
 */
@Service
public class FishDesk {
    private final PlanDesk desks;
    private final Residents residents;
    private final FishRows rows;
    private final KeeperCatalogue catalogue;
    private final Pictures pictures;

    FishDesk(PlanDesk desks, Residents residents, FishRows rows, KeeperCatalogue catalogue, Pictures pictures) {
        this.desks = desks;
        this.residents = residents;
        this.rows = rows;
        this.catalogue = catalogue;
        this.pictures = pictures;
    }

    /** Everybody who ever was in the tank, in the order in which they were first met. */
    @Transactional
    public List<Fish> all(long tank) {
        return fish(follow(desks.tank(tank).id()));
    }

    /** The same of several tanks, by number. Callers have looked them up with their keeper. */
    @Transactional
    public Map<Long, Fish> all(Collection<Long> tanks) {
        rows.behind(tanks).forEach(this::follow);
        return fish(rows(tanks)).stream()
                .collect(Collectors.toMap(Fish::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    private List<Fish> fish(List<FishEntity> rowsOfFish) {
        Catalogue species = catalogue.get();
        List<Fish> all = new ArrayList<>();
        for (FishEntity f : rowsOfFish) {
            species.find(f.species())
                    .ifPresent(s -> all.add(new Fish(
                            f.id(),
                            s,
                            f.count(),
                            f.name(),
                            f.role(),
                            f.place(),
                            f.partOf(),
                            f.residentId(),
                            f.wishId(),
                            f.cameOn(),
                            f.recordAside(),
                            f.pictureId() != null)));
        }
        return all;
    }

    /** Those who are in the tank or its box, and those who are missing. */
    @Transactional
    public List<Fish> there(long tank) {
        return all(tank).stream().filter(Fish::there).toList();
    }

    /** @throws NoSuchTankException if this tank never had it */
    @Transactional
    public Fish one(long tank, long fish) {
        return all(tank).stream().filter(f -> f.id() == fish).findFirst().orElseThrow(NoSuchTankException::new);
    }

    FishEntity row(long tank, long fish) {
        return rows.findByIdAndTankId(fish, desks.tank(tank).id()).orElseThrow(NoSuchTankException::new);
    }

    private List<FishEntity> follow(long tank) {
        List<FishEntity> known = new ArrayList<>(rows.findByTankIdOrderById(tank));
        Map<Long, FishEntity> byResident = new HashMap<>();
        known.stream().filter(f -> f.residentId() != null).forEach(f -> byResident.put(f.residentId(), f));
        for (ResidentEntity r : residents.findByTankIdOrderById(tank)) {
            FishFile lives = r.file();
            String species = lives.species();
            int count = lives.howMany();
            FishEntity fish = byResident.remove(r.id());
            if (fish == null) {
                fish = known.stream()
                        .filter(f -> f.residentId() == null
                                && f.partOf() == null
                                && f.species().equals(species))
                        .filter(this::mayBeThisResident)
                        .findFirst()
                        .orElse(null);
                if (fish == null) {
                    fish = new FishEntity(tank, species, count, lives.since());
                    fish.comesFrom(null, lives.captiveBred(), "");
                    known.add(fish);
                }
                fish.back();
                fish.lives(r.id(), count);
                rows.save(fish);
            } else if (fish.count() != count) {
                fish.lives(r.id(), count);
                rows.save(fish);
            }
        }
        for (FishEntity f : known) {
            boolean offThePlan = f.residentId() == null
                    ? f.place() == FishEntity.Place.TANK
                    : byResident.containsKey(f.residentId());
            if (f.partOf() == null && f.place() != FishEntity.Place.GONE && offThePlan) {
                f.left(desks.today(), "");
                rows.save(f);
            }
        }
        known.stream().filter(f -> f.partOf() != null).forEach(f -> withItsGroup(f, known));
        return known;
    }

    /**
     * One of the tank whose row was laid anew, one that was taken off the plan and came back by an undo, or one in the
     * box whose wish has come true by another way.
     */
    private boolean mayBeThisResident(FishEntity f) {
        return switch (f.place()) {
            case TANK -> true;
            case GONE -> f.leftHow().isEmpty();
            case BOX -> f.wishId() != null && !rows.wished(f.wishId());
            default -> false;
        };
    }

    /** A named member goes and comes back with its group; one that went by itself stays away. */
    private void withItsGroup(FishEntity member, List<FishEntity> known) {
        boolean groupThere =
                known.stream().anyMatch(g -> g.id().equals(member.partOf()) && g.place() != FishEntity.Place.GONE);
        boolean gone = member.place() == FishEntity.Place.GONE;
        if (!groupThere && !gone) {
            member.left(desks.today(), "");
            rows.save(member);
        } else if (groupThere && gone && member.leftHow().isEmpty()) {
            member.back();
            rows.save(member);
        }
    }

    /** A name and a role; members of a group by their own row. */
    @Transactional
    public void called(long tank, long fish, String name, String role) {
        FishEntity f = row(tank, fish);
        f.called(name.strip(), role);
        rows.save(f);
    }

    /** Names one of a group. @return its number */
    @Transactional
    public long member(long tank, long group, String name, String role) {
        FishEntity g = row(tank, group);
        if (g.count() < 2 || g.partOf() != null || members(tank, group) >= g.count()) {
            throw new IllegalArgumentException("All of them have a name already.");
        }
        if (name.isBlank()) {
            throw new IllegalArgumentException("Please give it a name, such as 'the large one'.");
        }
        FishEntity m = new FishEntity(tank, g.species(), 1, g.cameOn());
        m.memberOf(group);
        m.called(name.strip(), role);
        return rows.save(m).id();
    }

    private long members(long tank, long group) {
        return rows.findByTankIdOrderById(tank).stream()
                .filter(f -> Objects.equals(f.partOf(), group) && f.place() != FishEntity.Place.GONE)
                .count();
    }

    @Transactional
    public void is(long tank, long fish, FishEntity.Place place) {
        FishEntity f = row(tank, fish);
        f.is(place);
        rows.save(f);
    }

    @Transactional
    public void left(long tank, long fish, LocalDate on, String how) {
        FishEntity f = row(tank, fish);
        f.left(on, how);
        rows.save(f);
    }

    @Transactional
    public void setsAside(long tank, long fish, boolean aside) {
        FishEntity f = row(tank, fish);
        f.setsAside(aside);
        rows.save(f);
    }

    @Transactional
    public void shows(long tank, long fish, PictureFile file) {
        FishEntity f = row(tank, fish);
        f.shows(pictures.keep(tank, file, f.pictureId()));
        rows.save(f);
    }

    @Transactional(readOnly = true)
    public Optional<PictureFile> picture(long tank, long fish) {
        return pictures.of(tank, row(tank, fish).pictureId());
    }

    /** A wish goes into the box: from here it has a history. @return its number */
    @Transactional
    public long fromWish(long tank, long wish, String species, int count, FishEntity.Place place) {
        FishEntity f = new FishEntity(tank, species, count, null);
        f.wished(wish, rows.wishedOn(wish));
        f.is(place);
        return rows.save(f).id();
    }

    /** Some that never came further than quarantine: from there they have a history. @return their number */
    @Transactional
    public long fromQuarantine(long tank, Long wish, String species, int count, Origin origin) {
        FishEntity f = new FishEntity(tank, species, count, null);
        f.wished(wish, wish == null ? null : rows.wishedOn(wish));
        f.comesFrom(origin.acquiredOn(), null, origin.school().word());
        f.is(FishEntity.Place.OUT);
        return rows.save(f).id();
    }

    /** Some that came and went, of whom nobody had written anything down. @return their number */
    @Transactional
    public long remembered(long tank, String species, int count, LocalDate came, LocalDate left, String how) {
        FishEntity f = new FishEntity(desks.tank(tank).id(), species, count, came);
        f.left(left, how);
        return rows.save(f).id();
    }

    /**
     * Where it comes from, in its keeper's words. @param school word of a quarantine school; empty if nobody knows;
     * @param price each; null likewise
     */
    @Transactional
    public void bought(
            long tank, long fish, String shop, Boolean captiveBred, String school, Double price, LocalDate acquired) {
        FishEntity f = row(tank, fish);
        f.comesFrom(acquired, captiveBred, school);
        f.boughtAt(shop.strip());
        f.costs(price);
        rows.save(f);
    }

    /** The rows of several tanks, as they are; callers have looked the tanks up with their keeper. */
    @Transactional(readOnly = true)
    public List<FishEntity> rows(Collection<Long> tanks) {
        return rows.findByTankIdInOrderById(tanks);
    }

    /** Where it comes from, as far as its wish and its quarantine tell. */
    @Transactional
    public void comesFrom(long tank, long fish, Party wish, Optional<Origin> origin) {
        FishEntity f = row(tank, fish);
        f.comesFrom(
                origin.map(Origin::acquiredOn).orElse(null),
                wish.captiveBred() ? Boolean.TRUE : null,
                origin.map(o -> o.school().word()).orElse(f.school()));
        wish.hand().price().ifPresent(f::costs);
        rows.save(f);
    }

    /** The fish that waits in the box for a wish. */
    @Transactional(readOnly = true)
    public Optional<Long> inTheBox(long tank, Long wish) {
        return rows.findByTankIdOrderById(desks.tank(tank).id()).stream()
                .filter(f -> wish.equals(f.wishId()) && f.place() == FishEntity.Place.BOX)
                .map(FishEntity::id)
                .findFirst();
    }

    /** Out of the box and in: it becomes the resident of the given row. */
    @Transactional
    public void lives(long tank, long fish, Long resident, LocalDate on) {
        FishEntity f = row(tank, fish);
        f.back();
        f.came(on);
        f.lives(resident, f.count());
        rows.save(f);
    }
}
