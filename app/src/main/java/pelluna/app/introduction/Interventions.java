package pelluna.app.introduction;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Refused;
import pelluna.app.log.LogBook;
import pelluna.app.log.LogFigures;
import pelluna.app.log.WatchEntity;
import pelluna.app.planning.TankPlans;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;
import pelluna.core.introduction.Intervention;
import pelluna.core.introduction.Taken;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.livestock.Stage;
import pelluna.words.Words;

/** What was done about it, and whether it helped. */
@Service
public class Interventions {
    /** Days before and after that are held against each other. Pelluna's judgement. */
    private static final Duration WINDOW = Duration.ofDays(7);

    private final CurrentKeeper keeper;
    private final TankPlans plans;
    private final Individuals fish;
    private final LogBook log;
    private final LogFigures figures;
    private final InterventionRows rows;
    private final IntroductionRows bringings;

    Interventions(
            TankPlans plans,
            Individuals fish,
            LogBook log,
            LogFigures figures,
            InterventionRows rows,
            IntroductionRows bringings,
            CurrentKeeper keeper) {
        this.keeper = keeper;
        this.plans = plans;
        this.fish = fish;
        this.log = log;
        this.figures = figures;
        this.rows = rows;
        this.bringings = bringings;
    }

    /**
     * A measure with what it did.
     *
     * @param alsoThen other measures that changed in the same days, so that nobody can tell which did it
     */
    public record Told(long id, Taken taken, Long forFish, Long byFish, String note, List<Intervention> alsoThen) {
        public boolean running() {
            return taken.ended().isEmpty();
        }

        /** One sentence: what it did. */
        public String says(Words say) {
            return alsoThen.isEmpty()
                    ? say.title(taken.did().course()) + "."
                    : say.text(
                            "page.introduction.inTheSameDaysWhichOfThem",
                            say.title(taken.did().course()),
                            say.list(alsoThen));
        }
    }

    /** Everything that was done, newest first. @param fishId only what was done for this one; null for all */
    @Transactional(readOnly = true)
    public List<Told> told(OwnedTank tank, Long fishId) {
        List<InterventionEntity> all = rows.findByTankIdOrderByBeganAtDescIdDesc(tank.id());
        List<WatchEntity> watches = figures.watches(tank);
        return all.stream()
                .filter(m -> fishId == null || fishId.equals(m.forFish()))
                .map(m -> told(tank, m, all, watches))
                .toList();
    }

    /** What was begun last. */
    @Transactional(readOnly = true)
    public Optional<Told> last(OwnedTank tank) {
        List<InterventionEntity> all = rows.findByTankIdOrderByBeganAtDescIdDesc(tank.id());
        return all.isEmpty() ? Optional.empty() : Optional.of(told(tank, all.get(0), all, figures.watches(tank)));
    }

    private Told told(OwnedTank tank, InterventionEntity m, List<InterventionEntity> all, List<WatchEntity> watches) {
        Instant now = log.now();
        boolean untilEnd = m.endedAt() != null
                && m.measure() != Intervention.MOVED_ROCK
                && !m.measure().afterwards();
        Instant from = m.measure().afterwards() ? m.endedAt() == null ? now : m.endedAt() : m.beganAt();
        Instant until = min(min(from.plus(WINDOW), untilEnd ? m.endedAt() : now), now);
        List<InterventionEntity> others = all.stream()
                .filter(o -> o != m && Objects.equals(o.forFish(), m.forFish()))
                .toList();
        Instant next = others.stream()
                .map(InterventionEntity::beganAt)
                .filter(b -> b.isAfter(from))
                .min(Comparator.naturalOrder())
                .orElse(until);
        until = min(until, next);
        Instant previous = others.stream()
                .map(InterventionEntity::beganAt)
                .filter(b -> b.isBefore(m.beganAt()))
                .max(Comparator.naturalOrder())
                .orElse(Instant.MIN);
        Instant before = max(max(m.beganAt().minus(WINDOW), previous), released(m));
        RateChange did = m.forFish() == null
                ? RateChange.between(Stretch.NOTHING, Stretch.NOTHING)
                : RateChange.between(
                        figures.contestsIn(tank, watches, before, m.beganAt(), m.forFish(), m.byFish()),
                        figures.contestsIn(tank, watches, from, until, m.forFish(), m.byFish()));
        Instant end = until;
        List<Intervention> alsoThen = others.stream()
                .filter(o -> o.beganAt().isBefore(end)
                        && (o.endedAt() == null
                                ? o.measure() != Intervention.MOVED_ROCK
                                : o.endedAt().isAfter(m.beganAt())))
                .map(InterventionEntity::measure)
                .distinct()
                .toList();
        return new Told(
                m.id(),
                new Taken(m.measure(), m.beganAt(), Optional.ofNullable(m.endedAt()), did),
                m.forFish(),
                m.byFish(),
                m.note(),
                alsoThen);
    }

    /** When the fish last came out before it: what struck at its box then is another matter. */
    private Instant released(InterventionEntity m) {
        return m.forFish() == null
                ? Instant.MIN
                : bringings.findByTankIdAndFishId(m.tankId(), m.forFish()).stream()
                        .map(IntroductionEntity::releasedAt)
                        .filter(r -> r != null && r.isBefore(m.beganAt()))
                        .max(Comparator.naturalOrder())
                        .orElse(Instant.MIN);
    }

    private static Instant min(Instant a, Instant b) {
        return a.isBefore(b) ? a : b;
    }

    private static Instant max(Instant a, Instant b) {
        return a.isAfter(b) ? a : b;
    }

    /** @param byFish who presses; null if nobody by name @param at when it was begun; no later than now counts */
    @Transactional
    public void begin(OwnedTank tank, Intervention measure, long forFish, Long byFish, String note, Instant at) {
        fish.one(tank, forFish);
        if (byFish != null) {
            fish.one(tank, byFish);
        }
        if (measure == Intervention.TIME_OUT && byFish == null) {
            throw new Refused(new IntroductionRefusal.WhoGoes());
        }
        boolean runs = rows.findByTankIdOrderByBeganAtDescIdDesc(tank.id()).stream()
                .anyMatch(m -> m.endedAt() == null && m.measure() == measure && Objects.equals(m.forFish(), forFish));
        if (runs) {
            throw new Refused(new IntroductionRefusal.GoesOn(measure));
        }
        rows.save(new InterventionEntity(tank.id(), measure, forFish, byFish, min(at, log.now()), note.strip()));
        if (measure == Intervention.TIME_OUT) {
            fish.happens(tank, byFish, LifeEvent.TIMED_OUT);
        }
    }

    /** A measure written down afterwards. @param ended null if it goes on */
    @Transactional
    public void recorded(
            OwnedTank tank,
            Intervention measure,
            long forFish,
            Long byFish,
            Instant began,
            Instant ended,
            String note) {
        fish.one(tank, forFish);
        InterventionEntity m = new InterventionEntity(tank.id(), measure, forFish, byFish, began, note);
        m.ends(ended);
        rows.save(m);
    }

    /** For whom a measure was begun. */
    @Transactional(readOnly = true)
    long forFish(OwnedTank tank, long measure) {
        return rows.findByIdAndTankId(measure, tank.id())
                .orElseThrow(NoSuchTankException::new)
                .forFish();
    }

    @Transactional
    public void end(OwnedTank tank, long measure, Instant at) {
        InterventionEntity m = rows.findByIdAndTankId(measure, tank.id())
                .filter(r -> r.endedAt() == null)
                .orElseThrow(NoSuchTankException::new);
        m.ends(max(m.beganAt(), min(at, log.now())));
        rows.save(m);
        if (m.measure() == Intervention.TIME_OUT
                && m.byFish() != null
                && fish.one(tank, m.byFish()).stage() == Stage.TIME_OUT) {
            fish.happens(tank, m.byFish(), LifeEvent.BACK);
        }
    }

    /**
     * Somebody is here no more: what went on for it, or away from it, ends. A boss that is out for its sake stays out
     * until it is put back.
     */
    @Transactional
    public void leaves(OwnedTank tank, long gone) {
        for (InterventionEntity m : rows.findByTankIdOrderByBeganAtDescIdDesc(tank.id())) {
            boolean concerns = Objects.equals(m.byFish(), gone)
                    || Objects.equals(m.forFish(), gone) && m.measure() != Intervention.TIME_OUT;
            if (m.endedAt() == null && concerns) {
                m.ends(log.now());
                rows.save(m);
            }
        }
    }

    /** Ends what goes on of one kind for a fish, as when it comes out of the box again. */
    @Transactional
    void endAll(OwnedTank tank, long forFish, Intervention measure) {
        new ArrayList<>(rows.findByTankIdOrderByBeganAtDescIdDesc(tank.id()))
                .stream()
                        .filter(m ->
                                m.endedAt() == null && m.measure() == measure && Objects.equals(m.forFish(), forFish))
                        .forEach(m -> end(tank, m.id(), log.now()));
    }
}
