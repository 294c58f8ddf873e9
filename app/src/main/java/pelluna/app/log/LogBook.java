package pelluna.app.log;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.SignedIn;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.fish.OwnNote;
import pelluna.app.fish.WhoIsMissing;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Steps;
import pelluna.app.planning.TankPlans;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.Gravity;

/** Writes the log of a tank and its watches. */
@Service
public class LogBook {
    /** A clock may run a little ahead of this one. */
    private static final Duration AHEAD = Duration.ofMinutes(5);
    /** How long a line can be taken back without being named. */
    private static final Duration TAKEN_BACK_WITHIN = Duration.ofHours(1);
    /** A watch that nobody ended counts no longer than this. */
    /** Lines that are held at once while many are written. */
    private static final int AT_ONCE = 1000;

    private static final Duration LONGEST_WATCH = Duration.ofHours(4);

    private final TankPlans plans;
    private final Individuals fish;
    private final WhoIsMissing partings;
    private final ObservationRows entries;
    private final WatchRows watches;
    private final Clock clock;
    private final EntityManager database;

    LogBook(
            TankPlans plans,
            Individuals fish,
            WhoIsMissing partings,
            ObservationRows entries,
            WatchRows watches,
            Clock clock,
            EntityManager database) {
        this.plans = plans;
        this.fish = fish;
        this.partings = partings;
        this.entries = entries;
        this.watches = watches;
        this.clock = clock;
        this.database = database;
    }

    public Instant now() {
        return clock.instant();
    }

    /**
     * Writes a line; one that was sent before is not written again.
     *
     * @return its number
     * @throws Refused, if it cannot be so
     */
    @Transactional
    public long write(OwnedTank tank, Observation sent) {
        return write(tank, sent, null);
    }

    /** The same, with what Pelluna itself notes; null for nothing. */
    @Transactional
    public long write(OwnedTank tank, Observation sent, OwnNote own) {
        plans.tank(tank);
        if (sent.key() != null) {
            Optional<ObservationEntity> there = entries.findByTankIdAndSentKey(tank.id(), sent.key());
            if (there.isPresent()) {
                return there.get().id();
            }
        }
        check(sent, fish.all(tank).stream().map(Fish::id).toList());
        Long watch = watches.covering(tank.id(), sent.at()).map(WatchEntity::id).orElse(null);
        foundAgain(tank, sent);
        ObservationEntity line = new ObservationEntity(tank.id(), sent, watch, author());
        if (own != null) {
            line.notes(OwnNotes.row(own));
        }
        return entries.save(line).id();
    }

    /** Writes lines of the past that were checked before, in their order. @param seen told of every line */
    @Transactional
    void writePast(OwnedTank tank, List<Observation> lines, Steps seen) {
        WatchesByTime all = new WatchesByTime(watches.findByTankIdOrderByBeganAt(tank.id()));
        for (int i = 0; i < lines.size(); i++) {
            Observation sent = lines.get(i);
            seen.at(i + 1L, lines.size());
            Long watch = all.covering(sent.at()).map(WatchEntity::id).orElse(null);
            database.persist(new ObservationEntity(tank.id(), sent, watch, author()));
            if (i % AT_ONCE == AT_ONCE - 1) {
                database.flush();
                database.clear();
            }
        }
    }

    /** Whoever asks. */
    private static Long author() {
        OptionalLong who = SignedIn.id();
        return who.isPresent() ? who.getAsLong() : null;
    }

    /**
     * @param known numbers of the fish of the tank; @throws Refused, if it cannot be
     * so
     */
    void check(Observation sent, Collection<Long> known) {
        if (sent.at().isAfter(now().plus(AHEAD))) {
            throw new Refused(new LogRefusal.InTheFuture());
        }
        if (sent.gravity() < Gravity.LEAST || sent.gravity() > Gravity.MOST || sent.times() < 1 || sent.times() > 200) {
            throw new Refused(new LogRefusal.OutOfRange());
        }
        if (sent.doing().ofAFish() == (sent.fish() == null) && sent.doing() != EventType.NOTE) {
            throw new Refused(sent.fish() == null ? new LogRefusal.WhichFish() : new LogRefusal.AboutNoFish());
        }
        if (sent.doing().toAnother() != (sent.other() != null)
                || sent.other() != null && sent.other().equals(sent.fish())) {
            throw new Refused(
                    sent.other() == null
                            ? new LogRefusal.ToWhom()
                            : sent.doing().toAnother() ? new LogRefusal.ToItself() : new LogRefusal.ToNobody());
        }
        if (sent.fish() != null && !known.contains(sent.fish())
                || sent.other() != null && !known.contains(sent.other())) {
            throw new NoSuchTankException();
        }
    }

    /** Whoever is seen is no longer missing. */
    private void foundAgain(OwnedTank tank, Observation sent) {
        if (sent.doing() != EventType.ABSENT && sent.fish() != null) {
            fish.all(tank).stream()
                    .filter(f -> f.id() == sent.fish() && f.missing())
                    .forEach(f -> partings.found(tank, f.id()));
        }
    }

    /** Takes a line back; it stays readable, and counts nowhere. */
    @Transactional
    public void takeBack(OwnedTank tank, long entry) {
        ObservationEntity e = entries.findByIdAndTankId(entry, tank.id()).orElseThrow(NoSuchTankException::new);
        e.takeBack(now());
        entries.save(e);
    }

    /**
     * Takes back the newest line that still counts, newest by the time that it tells of, unless that lies more than an
     * hour back: whoever means an older one names it.
     *
     * @throws Refused, if there is none
     */
    @Transactional
    public void takeBackLast(OwnedTank tank) {
        ObservationEntity last = entries.newest(tank.id(), Limit.of(20)).stream()
                .filter(e -> !e.takenBack())
                .findFirst()
                .filter(e -> e.at().isAfter(now().minus(TAKEN_BACK_WITHIN)))
                .orElseThrow(() -> new Refused(new LogRefusal.NoLineLeft()));
        takeBack(tank, last.id());
    }

    /** A watch that is running; one that was forgotten runs no longer than a watch counts. */
    @Transactional(readOnly = true)
    public Optional<WatchEntity> running(OwnedTank tank) {
        return watches.findByTankIdAndEndedAtIsNull(tank.id())
                .filter(w -> !w.beganAt().plus(LONGEST_WATCH).isBefore(now()));
    }

    /** Starts a watch; if one runs already, it goes on. */
    @Transactional
    public void begin(OwnedTank tank, Instant at, String key) {
        boolean sentBefore =
                key != null && watches.findByTankIdAndSentKey(tank.id(), key).isPresent();
        endForgotten();
        if (!sentBefore && running(tank).isEmpty()) {
            watches.saveAndFlush(new WatchEntity(tank.id(), at.isAfter(now()) ? now() : at, key));
            endForgotten();
        }
    }

    /** Watches that nobody ended have ended at the longest that a watch counts. */
    @Transactional
    public void endForgotten() {
        watches.endBegunBefore(now().minus(LONGEST_WATCH), LONGEST_WATCH.toHours());
    }

    /** A watch written down afterwards. */
    @Transactional
    public void watched(OwnedTank tank, Instant from, Instant until) {
        WatchEntity w = new WatchEntity(tank.id(), from, null);
        w.ends(until);
        watches.save(w);
    }

    @Transactional
    public void end(OwnedTank tank, Instant at) {
        running(tank).ifPresent(w -> {
            w.ends(at.isBefore(w.beganAt()) ? w.beganAt() : at.isAfter(now()) ? now() : at);
            watches.save(w);
        });
    }

    /** Lines from the newest on. @param after only those that stand below this one; null from the top */
    @Transactional(readOnly = true)
    List<ObservationEntity> stream(OwnedTank tank, Long after, int most) {
        long id = tank.id();
        return after == null
                ? entries.newest(id, Limit.of(most))
                : entries.findByIdAndTankId(after, id)
                        .map(e -> entries.below(id, e.at(), e.id(), Limit.of(most)))
                        .orElseThrow(NoSuchTankException::new);
    }

    @Transactional(readOnly = true)
    List<ObservationEntity> about(OwnedTank tank, long fish, int most) {
        return entries.about(tank.id(), fish, Limit.of(most));
    }
}
