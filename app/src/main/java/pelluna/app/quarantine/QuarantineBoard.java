package pelluna.app.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
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
import pelluna.app.fish.Individuals;
import pelluna.app.fish.Origin;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.core.arrivals.Arrival;
import pelluna.core.arrivals.Dated;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.Look;
import pelluna.core.introduction.QuarantineClock;
import pelluna.core.introduction.SamePlace;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;
import pelluna.core.plan.Party;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.water.SalinityRamp;
import pelluna.words.Words;

/** The board of quarantine places: who is in which, for how long, and what was seen. */
@Service
public class QuarantineBoard {
    private final TankPlans plans;
    private final ComesIn comesIn;
    private final Individuals fish;
    private final Lives lives;
    private final KeeperCatalogue catalogue;
    private final StayRows stays;
    private final CheckRows checks;

    QuarantineBoard(
            TankPlans plans,
            ComesIn comesIn,
            Individuals fish,
            Lives lives,
            KeeperCatalogue catalogue,
            StayRows stays,
            CheckRows checks) {
        this.plans = plans;
        this.comesIn = comesIn;
        this.fish = fish;
        this.lives = lives;
        this.catalogue = catalogue;
        this.stays = stays;
        this.checks = checks;
    }

    /** One stay as the board shows it. Salinity in g/kg. */
    public record Stay(
            long id,
            Species species,
            int count,
            LocalDate beganOn,
            QuarantineClock clock,
            double salinity,
            List<SalinityRamp.Step> ramp,
            List<CheckEntity> checks) {
        public String label(Words say) {
            return say.of(species, count);
        }

        /** The day on which raising or lowering the salinity should begin, so that it is done when the stay is. */
        public LocalDate rampFrom() {
            return clock.outOn().minusDays(ramp.size());
        }
    }

    /** One place with who is in it and what stands against their sharing it. */
    record Place(int number, List<Stay> stays, List<String> against) {}

    /** Somebody planned who is due for a place. */
    record Due(String fish, String label, LocalDate from, int place) {}

    /** A stay that has ended. */
    record Ended(String label, String how) {}

    @Transactional(readOnly = true)
    List<Place> board(OpenTank opened) {
        List<StayEntity> rows = stays
                .findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(
                        opened.owned().id())
                .stream()
                .filter(r -> species(r).isPresent())
                .toList();
        List<CheckEntity> looks = checks.findByStayIdInOrderByLookedOnDescIdDesc(
                rows.stream().map(StayEntity::id).toList());
        int places = Math.max(
                opened.plan().tank().quarantinePlaces(),
                rows.stream().mapToInt(StayEntity::place).max().orElse(0));
        return IntStream.rangeClosed(1, places)
                .mapToObj(n ->
                        place(n, rows.stream().filter(r -> r.place() == n).toList(), looks, opened))
                .toList();
    }

    /** Everybody who is in quarantine. */
    @Transactional(readOnly = true)
    public List<Stay> stays(OpenTank opened) {
        return board(opened).stream().flatMap(p -> p.stays().stream()).toList();
    }

    private Place place(int number, List<StayEntity> here, List<CheckEntity> looks, OpenTank opened) {
        List<Stay> found = new ArrayList<>();
        List<SamePlace.Guest> guests = new ArrayList<>();
        for (StayEntity row : here) {
            Species species = species(row).orElseThrow();
            List<CheckEntity> mine =
                    looks.stream().filter(c -> c.stayId().equals(row.id())).toList();
            List<LocalDate> shared = shared(row, here, looks);
            double salinity = mine.stream()
                    .flatMap(c -> c.salinity().stream().boxed())
                    .findFirst()
                    .orElse(row.salinity());
            found.add(new Stay(
                    row.id(),
                    species,
                    row.count(),
                    row.beganOn(),
                    QuarantineClock.of(
                            row.school(),
                            row.beganOn(),
                            mine.stream().map(CheckEntity::look).toList(),
                            shared,
                            plans.today()),
                    salinity,
                    SalinityRamp.between(salinity, opened.plan().tank().salinity()),
                    mine));
            guests.add(new SamePlace.Guest(species, species.usualShopCm(), row.school()));
        }
        return new Place(
                number,
                found,
                SamePlace.against(guests).stream().map(plans.words()::of).toList());
    }

    /** Days on which others came into the place of a stay, or showed signs of disease in it. */
    private static List<LocalDate> shared(StayEntity row, List<StayEntity> here, List<CheckEntity> looks) {
        List<StayEntity> others = here.stream().filter(o -> o != row).toList();
        List<Long> ids = others.stream().map(StayEntity::id).toList();
        return Stream.concat(
                        others.stream().map(StayEntity::beganOn),
                        looks.stream()
                                .filter(c -> ids.contains(c.stayId()))
                                .map(CheckEntity::look)
                                .filter(Look::ill)
                                .map(Look::on))
                .toList();
    }

    /** Empty for a keeper's own species that the keeper has taken back since. */
    private Optional<Species> species(StayEntity row) {
        return catalogue.get().find(row.species());
    }

    /** Those in quarantine whom nobody has looked at today. */
    @Transactional(readOnly = true)
    public List<Stay> unlooked(OpenTank opened) {
        return board(opened).stream()
                .flatMap(p -> p.stays().stream())
                .filter(s -> s.checks().stream().noneMatch(c -> c.look().on().equals(plans.today())))
                .toList();
    }

    /** Planned arrivals that are not in a place yet, soonest first. */
    @Transactional(readOnly = true)
    List<Due> due(OpenTank opened) {
        List<Long> here = stays
                .findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(
                        opened.owned().id())
                .stream()
                .map(StayEntity::wishId)
                .toList();
        List<Due> due = new ArrayList<>();
        for (Dated d : opened.assessment().arrivals().steps()) {
            for (Party p : d.arrival().parties()) {
                boolean waits =
                        opened.wish(p.id()).filter(w -> !here.contains(w.id())).isPresent();
                if (d.quarantineFrom().isPresent() && waits) {
                    due.add(new Due(
                            p.id(), plans.words().of(p), d.quarantineFrom().get(), d.place()));
                }
            }
        }
        return due;
    }

    @Transactional(readOnly = true)
    List<Ended> ended(OwnedTank tank) {
        return stays.findTop20ByTankIdAndEndedOnIsNotNullOrderByEndedOnDescIdDesc(tank.id()).stream()
                .map(r -> new Ended(r.called(species(r), plans.words()), r.ended(plans.words())))
                .toList();
    }

    /** The places in which somebody is. */
    @Transactional(readOnly = true)
    public List<Integer> taken(OwnedTank tank) {
        return stays.findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(tank.id()).stream()
                .map(StayEntity::place)
                .toList();
    }

    /** The place of a wish that somebody else is in too; empty where it is alone, or in none. */
    @Transactional(readOnly = true)
    public OptionalInt sharedBy(OwnedTank tank, long wish) {
        List<StayEntity> all = stays.findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(tank.id());
        return all.stream()
                .filter(s -> Long.valueOf(wish).equals(s.wishId()))
                .mapToInt(StayEntity::place)
                .filter(p -> all.stream().filter(s -> s.place() == p).count() > 1)
                .findFirst();
    }

    /** A planned fish comes into a place. @param fish as the plan names it, 'w17' */
    @Transactional
    public void begin(OwnedTank tank, String fish, int place, LocalDate on, double salinity) {
        OpenTank opened = plans.open(tank);
        Party p = opened.plan().wishes().stream()
                .filter(w -> w.id().equals(fish))
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
        LivestockEntity wish = opened.wish(p.id()).orElseThrow();
        stays.save(new StayEntity(
                tank.id(),
                p.species().scientificName(),
                p.count(),
                place,
                schoolFor(opened, p),
                on,
                salinity,
                wish.id()));
        lives.happens(wish, LifeEvent.QUARANTINED, on);
    }

    private static QuarantineSchool schoolFor(OpenTank opened, Party p) {
        return Arrival.schoolFor(opened.plan().tank().school(), p.species());
    }

    @Transactional
    void look(OwnedTank tank, long stay, Look look, Double salinity, String note) {
        checks.save(new CheckEntity(stay(tank, stay).id(), look, salinity, note));
    }

    /**
     * A wish that was in quarantine goes on into the see-through box. @return from where it came; empty if it was in
     * none
     */
    @Transactional
    public Optional<Origin> goesOn(OwnedTank tank, long wish) {
        List<StayEntity> mine = stays.findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(tank.id()).stream()
                .filter(r -> r.wishId() != null && r.wishId() == wish)
                .toList();
        mine.forEach(r -> r.ends(plans.today(), StayEnd.INTO_THE_BOX));
        return mine.stream().findFirst().map(r -> new Origin(r.beganOn(), r.school()));
    }

    /** Whether a wish may leave quarantine today; empty if it is in none. */
    @Transactional(readOnly = true)
    public Optional<QuarantineClock> clock(OpenTank opened, long wish) {
        List<Long> mine = stays
                .findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(
                        opened.owned().id())
                .stream()
                .filter(r -> r.wishId() != null && r.wishId() == wish)
                .map(StayEntity::id)
                .toList();
        return board(opened).stream()
                .flatMap(p -> p.stays().stream())
                .filter(s -> mine.contains(s.id()))
                .map(Stay::clock)
                .findFirst();
    }

    /** It goes on into the tank; if it fulfils a wish, the wish becomes a resident. */
    @Transactional
    void release(OwnedTank tank, long stay) {
        StayEntity row = stay(tank, stay);
        row.ends(plans.today(), StayEnd.INTO_THE_TANK);
        if (plans.open(tank).wishes().stream().anyMatch(w -> w.id().equals(row.wishId()))) {
            comesIn.begins(tank, row.wishId(), Optional.of(new Origin(row.beganOn(), row.school())), false);
            comesIn.comes(tank, row.wishId());
        }
    }

    /** Who is in a stay. @param count how many; @param wish null if it fulfils none */
    public record Staying(Species species, int count, LocalDate beganOn, QuarantineSchool school, Long wish) {}

    /** @throws NoSuchTankException if it is over, or none of this tank's */
    @Transactional(readOnly = true)
    public Staying staying(OwnedTank tank, long stay) {
        StayEntity row = stay(tank, stay);
        return new Staying(
                species(row).orElseThrow(NoSuchTankException::new),
                row.count(),
                row.beganOn(),
                row.school(),
                row.wishId());
    }

    /** So many of a stay are lost in it; with the last of them it ends. @return their number in the log */
    @Transactional
    public long lost(OwnedTank tank, long stay, int count) {
        StayEntity row = stay(tank, stay);
        Staying s = staying(tank, stay);
        if (count >= row.count()) {
            row.ends(plans.today(), StayEnd.DIED);
            noLonger(tank, row);
        } else {
            row.fewer(count);
        }
        return fish.fromQuarantine(
                tank,
                row.wishId(),
                s.species().scientificName(),
                Math.min(count, s.count()),
                new Origin(row.beganOn(), row.school()));
    }

    @Transactional
    void end(OwnedTank tank, long stay, StayEnd how) {
        StayEntity row = stay(tank, stay);
        row.ends(plans.today(), how);
        noLonger(tank, row);
    }

    /** Whoever was in quarantine, and came no further, is a wish as before. */
    private void noLonger(OwnedTank tank, StayEntity stay) {
        Optional.ofNullable(stay.wishId())
                .flatMap(wish -> lives.one(tank, wish))
                .filter(wish -> wish.stage() == Stage.QUARANTINE)
                .ifPresent(wish -> lives.happens(wish, LifeEvent.QUARANTINE_ENDED, plans.today()));
    }

    private StayEntity stay(OwnedTank tank, long stay) {
        return stays.findByIdAndTankIdAndEndedOnIsNull(stay, tank.id()).orElseThrow(NoSuchTankException::new);
    }
}
