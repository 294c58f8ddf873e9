package pelluna.app.losses;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishNotes;
import pelluna.app.fish.Individuals;
import pelluna.app.fish.OwnNote;
import pelluna.app.introduction.Interventions;
import pelluna.app.introduction.WaysIn;
import pelluna.app.limits.Refused;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.picture.PictureFile;
import pelluna.app.picture.Pictures;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.app.quarantine.QuarantineBoard;
import pelluna.core.assessment.LeavingEffect;
import pelluna.core.behaviour.EventType;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.losses.Company;
import pelluna.core.losses.Left;
import pelluna.core.losses.Proposal;
import pelluna.core.names.Resolution;
import pelluna.core.plan.FishFile;
import pelluna.core.tank.Cover;

/** Writes the ledger: who was lost or went elsewhere, put right, taken back. The plan follows. */
@Service
public class Ledger {
    /** As many fish as one group may have. */
    private static final int MOST_TOGETHER = 200;
    /** So many fish that an unclear name may mean are listed. */
    private static final int FEW = 5;

    private final TankPlans plans;
    private final PlanSteps steps;
    private final Individuals fish;
    private final FishNotes notes;
    private final MissingFish missing;
    private final Crews crew;
    private final QuarantineBoard quarantine;
    private final LossEvidence evidence;
    private final Interventions measures;
    private final WaysIn ways;
    private final DepartureRows rows;
    private final KeeperCatalogue catalogue;
    private final Pictures pictures;
    private final Clock clock;

    Ledger(
            TankPlans plans,
            PlanSteps steps,
            Individuals fish,
            FishNotes notes,
            MissingFish missing,
            Crews crew,
            QuarantineBoard quarantine,
            LossEvidence evidence,
            Interventions measures,
            WaysIn ways,
            DepartureRows rows,
            KeeperCatalogue catalogue,
            Pictures pictures,
            Clock clock) {
        this.plans = plans;
        this.steps = steps;
        this.fish = fish;
        this.notes = notes;
        this.missing = missing;
        this.crew = crew;
        this.quarantine = quarantine;
        this.evidence = evidence;
        this.measures = measures;
        this.ways = ways;
        this.rows = rows;
        this.catalogue = catalogue;
        this.pictures = pictures;
        this.clock = clock;
    }

    /**
     * Writes a departure down, and takes whoever left out of the plan.
     *
     * @return its number
     * @throws Refused, if it cannot be so
     */
    @Transactional
    public long record(OwnedTank tank, LossReport told) {
        return record(tank, told, false);
    }

    private long record(OwnedTank tank, LossReport told, boolean quarantined) {
        if (told.on().isAfter(plans.today())) {
            throw new Refused(new LossRefusal.StillToCome());
        }
        if (told.crew() == null && told.fish() == null) {
            throw new Refused(new LossRefusal.WhoIsIt());
        }
        if (told.crew() != null) {
            crew.lost(tank, told.crew(), told.count(), told.on());
            return rows.save(new DepartureEntity(tank.id(), told, clock.instant()))
                    .id();
        }
        OpenTank before = plans.open(tank);
        Fish f = fish.one(tank, told.fish());
        Fish group = f.partOf() == null ? f : fish.one(tank, f.partOf());
        if (f.gone()) {
            throw new Refused(new LossRefusal.InTheLedger(f.said()));
        }
        afterItCame(f, told.on());
        if (f.partOf() != null && told.count() > 1) {
            throw new Refused(new LossRefusal.IsOne(f.said()));
        }
        List<Proposal> likely = told.how() == Left.LOST ? evidence.proposals(before, f, told.on()) : List.of();
        DepartureEntity row = new DepartureEntity(tank.id(), told, clock.instant());
        int ofMissing = f.missing() ? 0 : missing.lost(tank, group.id(), told.count());
        if (f.missing()) {
            missing.lost(tank, f.id(), told.count());
        }
        int fromPlan = told.count() - ofMissing;
        if (fromPlan > group.count()) {
            throw new Refused(new LossRefusal.OnlySoMany(group.count()));
        }
        FishFile was = fromPlan > 0 ? outOfThePlan(tank, before, f, group, fromPlan) : null;
        int left = group.count() - fromPlan;
        if (f.partOf() != null || left == 0) {
            fish.left(tank, f.id(), event(told.how()), told.on());
            measures.leaves(tank, f.id());
            ways.leaves(tank, f.id());
        }
        notes.note(tank, EventType.NOTE, f.id(), 1, noted(told), told.seen());
        row.remembers(
                was,
                String.join("\n", changes(before, plans.open(tank), told, f, group, left)),
                likely.isEmpty() ? "" : likely.get(0).cause().word(),
                facts(before, f, quarantined));
        return rows.save(row).id();
    }

    /** The same for some that are in quarantine; what they were kept in ends with the last of them. */
    @Transactional
    public long recordInQuarantine(OwnedTank tank, long stay, LossReport told) {
        long f = quarantine.lost(tank, stay, told.count());
        return record(
                tank,
                new LossReport(
                        f,
                        null,
                        told.count(),
                        told.on(),
                        told.how(),
                        told.cause(),
                        told.sure(),
                        told.by(),
                        told.seen(),
                        told.cost()),
                true);
    }

    private static void afterItCame(Fish f, LocalDate on) {
        if (f.cameOn() != null && on.isBefore(f.cameOn())) {
            throw new Refused(new LossRefusal.BeforeItCame(f.cameOn()));
        }
    }

    private static OwnNote noted(LossReport told) {
        return told.how() == Left.LOST
                ? new OwnNote.Lost(told.count(), told.cause(), told.sure())
                : new OwnNote.Gone(told.count(), told.how());
    }

    private static Circumstances facts(OpenTank opened, Fish f, boolean quarantined) {
        Cover cover = opened.plan().tank().cover();
        return new Circumstances(cover, LossEvidence.open(cover), quarantined, f.boxed(), null);
    }

    /** @return its entry as it was; null if it stood in no plan, as in the box */
    private FishFile outOfThePlan(OwnedTank tank, OpenTank opened, Fish f, Fish group, int count) {
        Optional<FishFile> was = opened.residents().stream()
                .filter(r -> r.id() == group.id())
                .map(LivestockEntity::file)
                .findFirst();
        if (was.isEmpty()) {
            return null;
        }
        plans.remembersFeed(tank);
        if (group.count() > count) {
            counts(tank, group, group.count() - count);
        } else if (f.partOf() != null) {
            fish.happens(tank, group.id(), LifeEvent.TAKEN_OFF);
        }
        return was.get().numbered(null);
    }

    private void counts(OwnedTank tank, Fish group, int count) {
        steps.happens(tank, plan -> plan.eachResident(r -> r.row() == group.id() ? r.counting(count) : r));
    }

    private static LifeEvent event(Left how) {
        return switch (how) {
            case LOST -> LifeEvent.LOST;
            case REHOMED -> LifeEvent.REHOMED;
            case RETURNED -> LifeEvent.RETURNED;
            case TRADED_IN -> LifeEvent.TRADED_IN;
        };
    }

    private static List<String> changes(
            OpenTank before, OpenTank after, LossReport told, Fish f, Fish group, int left) {
        List<String> says = new ArrayList<>();
        Company.left(group.species(), group.count(), left, f.role().equals("male")).stream()
                .map(after.say()::of)
                .forEach(says::add);
        if (!group.lives()) {
            says.add(before.say().text("page.losses.itStoodInNoPlanYetIts"));
            return says;
        }
        LeavingEffect.between(before.assessment(), after.assessment(), "").stream()
                .map(after.say()::of)
                .forEach(says::add);
        says.add(after.say().of(after.assessment().capacity().left()));
        return says;
    }

    /**
     * Other words about the same departure: day, cause, how sure, what was seen, cost. @return the number of the new
     * row
     */
    @Transactional
    public long putRight(OwnedTank tank, long number, LossReport told) {
        DepartureEntity old = standing(tank, number);
        if (told.on().isAfter(plans.today())) {
            throw new Refused(new LossRefusal.StillToCome());
        }
        DepartureEntity right = rows.save(old.putRight(
                new LossReport(
                        old.fishId(),
                        old.crewId(),
                        old.count(),
                        told.on(),
                        old.how(),
                        told.cause(),
                        told.sure(),
                        told.by(),
                        told.seen(),
                        told.cost()),
                clock.instant()));
        old.replaced(right.id());
        rows.save(old);
        if (old.fishId() != null) {
            Fish f = fish.one(tank, old.fishId());
            afterItCame(f, told.on());
            if (f.gone()) {
                fish.left(tank, f.id(), event(old.how()), told.on());
            }
        }
        return right.id();
    }

    /** Where a departure stands now: under its own number, or that of what was written in its place. */
    @Transactional(readOnly = true)
    public long standsUnder(OwnedTank tank, long number) {
        long at = number;
        Optional<Long> next = rows.findByIdAndTankId(at, tank.id()).map(DepartureEntity::replacedBy);
        while (next.isPresent()) {
            at = next.get();
            next = rows.findByIdAndTankId(at, tank.id()).map(DepartureEntity::replacedBy);
        }
        return at;
    }

    /** It was a slip: whoever left is there again, as the plan had it. */
    @Transactional
    public void takeBack(OwnedTank tank, long number) {
        DepartureEntity d = standing(tank, number);
        d.takenBack(clock.instant());
        rows.save(d);
        if (d.crewId() != null) {
            crew.found(tank, d.crewId(), d.count());
            return;
        }
        Fish f = fish.one(tank, d.fishId());
        Fish group = f.partOf() == null ? f : fish.one(tank, f.partOf());
        notes.note(tank, EventType.NOTE, f.id(), 1, new OwnNote.TakenBack(d.how()), "");
        if (d.remembered()) {
            neverWas(tank, f);
            return;
        }
        boolean lives = group.lives();
        boolean left = f.gone();
        fish.putBack(tank, group.id());
        fish.putBack(tank, f.id());
        if (d.was() != null) {
            counts(tank, group, lives ? group.count() + d.count() : d.count());
        }
        if (left) {
            ways.stays(tank, f.id());
        }
    }

    /**
     * Whoever was only written down afterwards does not come back to the tank; without a word of the ledger left it
     * has no days either.
     */
    private void neverWas(OwnedTank tank, Fish f) {
        boolean told =
                rows.standing(List.of(tank.id())).stream().anyMatch(d -> d.fishId() != null && d.fishId() == f.id());
        if (f.gone() && !told) {
            fish.left(tank, f.id(), LifeEvent.NEVER_WAS, f.cameOn());
        }
    }

    @Transactional
    void shows(OwnedTank tank, long number, PictureFile file) {
        DepartureEntity d = standing(tank, number);
        d.shows(pictures.keep(tank, file, null));
        rows.save(d);
    }

    DepartureEntity standing(OwnedTank tank, long number) {
        return rows.findByIdAndTankId(number, tank.id())
                .filter(DepartureEntity::counts)
                .orElseThrow(NoSuchTankException::new);
    }

    /**
     * Some that came and went before anybody wrote anything down.
     *
     * @param told its fish is not looked at
     * @return the number of the fish
     * @throws Refused, if it cannot be so
     */
    @Transactional
    public long remember(OwnedTank tank, String species, LocalDate came, LossReport told) {
        if (told.count() > MOST_TOGETHER) {
            throw new Refused(new LossRefusal.TooManyTogether(MOST_TOGETHER));
        }
        if (told.on().isAfter(plans.today()) || came.isAfter(told.on())) {
            throw new Refused(new LossRefusal.OutOfOrder());
        }
        Resolution meant = catalogue.names().resolve(species);
        String name = meant.one()
                .orElseThrow(() -> new Refused(
                        meant.meant().isEmpty()
                                ? new LossRefusal.WhichFish()
                                : new LossRefusal.WhichOf(
                                        species.strip(),
                                        meant.species().stream().limit(FEW).toList())))
                .scientificName();
        long number = fish.remembered(tank, name, told.count(), came, event(told.how()), told.on());
        remember(tank, told.of(number), null);
        return number;
    }

    /**
     * A departure of a day that lies behind; the plan as it is today is not touched.
     *
     * @param open whether the tank could be jumped out of then; null if nobody knows
     */
    @Transactional
    public long remember(OwnedTank tank, LossReport told, Boolean open) {
        DepartureEntity row = new DepartureEntity(tank.id(), told, clock.instant());
        row.remembers(null, "", "", Circumstances.remembered(open));
        return rows.save(row).id();
    }
}
