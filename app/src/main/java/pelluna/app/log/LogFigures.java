package pelluna.app.log;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.core.behaviour.Contests;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.Pressure;
import pelluna.core.behaviour.Stretch;
import pelluna.core.sighting.Sighting;
import pelluna.core.units.Named;

/**
 * What the log comes to, in sums. Callers have looked the tank up with its keeper. Every answer is bounded in time or
 * number.
 */
@Service
@Transactional(readOnly = true)
public class LogFigures {
    /**
     * Days that count for standing and for records: older quarrels are of other sizes and other company. Pelluna's
     * judgement.
     */
    public static final int MEMORY_DAYS = 90;
    /** Days in which a fish's last notes are looked for. */
    private static final int LAST_DAYS = 60;

    private static final long NONE = -1;
    /** Lines that are read of the time before a loss, and the days in which quarrels count for it. */
    private static final int MOST_BEFORE = 400;

    private static final int BEFORE_DAYS = 7;
    private static final int MOST_PLACED = 2000;
    /** As many lines as a line over time can show. */
    private static final int MOST_IN_ORDER = 1500;

    private final ObservationRows entries;
    private final WatchRows watches;
    private final Clock clock;

    LogFigures(ObservationRows entries, WatchRows watches, Clock clock) {
        this.entries = entries;
        this.watches = watches;
        this.clock = clock;
    }

    /** The watch that is running, whose acts have no hours under them yet; no watch's number if none runs. */
    private long running(OwnedTank tank) {
        return watches.findByTankIdAndEndedAtIsNull(tank.id())
                .map(WatchEntity::id)
                .orElse(NONE);
    }

    public Instant now() {
        return clock.instant();
    }

    /** So many days ago, from the full hour on: what is asked about since then is the same for an hour. */
    public Instant ago(long days) {
        return clock.instant().truncatedTo(ChronoUnit.HOURS).minus(days, ChronoUnit.DAYS);
    }

    /** Who won over whom, by numbers of fish. */
    public List<Contests.Won> contests(OwnedTank tank) {
        return entries.pairs(tank.id(), ago(MEMORY_DAYS), EventTypes.CONTESTS).stream()
                .map(p -> new Contests.Won(p.fish().toString(), p.other().toString(), p.times()))
                .toList();
    }

    /** Contests in order, each once, oldest first, with their moments: the last {@value #MOST_IN_ORDER} lines. */
    public record Course(List<Contests.Won> won, List<Instant> moments) {}

    public Course course(OwnedTank tank) {
        List<ObservationRows.Contest> newest =
                entries.contests(tank.id(), ago(MEMORY_DAYS), EventTypes.CONTESTS, MOST_IN_ORDER);
        List<Contests.Won> won = new ArrayList<>();
        List<Instant> moments = new ArrayList<>();
        for (int k = newest.size() - 1; k >= 0; k--) {
            ObservationRows.Contest c = newest.get(k);
            Contests.Won one = new Contests.Won(c.fish().toString(), c.other().toString(), 1);
            int times = c.times();
            won.addAll(Collections.nCopies(times, one));
            moments.addAll(Collections.nCopies(times, c.at()));
        }
        return new Course(won, moments);
    }

    /** Acts in watches by who did them to whom. */
    public record Watched(long fish, long other, int acts) {}

    public List<Watched> watchedContests(OwnedTank tank) {
        return entries.watchedPairs(tank.id(), ago(MEMORY_DAYS), EventTypes.CONTESTS, running(tank)).stream()
                .map(p -> new Watched(p.fish(), p.other(), p.times()))
                .toList();
    }

    /** Everything that presses, seen in watches or not, since a moment. */
    public List<Watched> pressing(OwnedTank tank, Instant since) {
        return entries.pairs(tank.id(), since, EventTypes.PRESSING).stream()
                .map(p -> new Watched(p.fish(), p.other(), p.times()))
                .toList();
    }

    /** Ended watches of the last {@value #MEMORY_DAYS} days, oldest first. */
    public List<WatchEntity> watches(OwnedTank tank) {
        return watches.findByTankIdAndBeganAtGreaterThanEqualAndEndedAtIsNotNullOrderByBeganAt(
                tank.id(), ago(MEMORY_DAYS));
    }

    public static double hours(List<WatchEntity> watches, Instant from, Instant until) {
        return watches.stream()
                .filter(w -> !w.beganAt().isBefore(from) && w.beganAt().isBefore(until))
                .mapToDouble(WatchEntity::hours)
                .sum();
    }

    /**
     * Contests in the ended watches that began between two moments.
     *
     * @param watches oldest first
     * @param target  only against this one; null for all
     * @param by      only of this one; null for all
     */
    public Stretch contestsIn(
            OwnedTank tank, List<WatchEntity> watches, Instant from, Instant until, Long target, Long by) {
        Set<Long> between = watches.stream()
                .filter(w -> !w.beganAt().isBefore(from) && w.beganAt().isBefore(until))
                .map(WatchEntity::id)
                .collect(Collectors.toSet());
        double hours = hours(watches, from, until);
        return hours == 0
                ? Stretch.NOTHING
                : new Stretch(acts(tank, watches, EventTypes.CONTESTS, target, by, between), hours);
    }

    /** Strikes at one box in one of these watches. @param watches oldest first */
    public int strikes(OwnedTank tank, List<WatchEntity> watches, WatchEntity watch, long boxed) {
        return acts(tank, watches, List.of(EventType.STRUCK_BOX.word()), boxed, null, Set.of(watch.id()));
    }

    private int acts(
            OwnedTank tank,
            List<WatchEntity> watches,
            Collection<String> doings,
            Long target,
            Long by,
            Set<Long> which) {
        return entries.inWatches(tank.id(), watches.get(0).beganAt(), doings, target, by).stream()
                .filter(w -> which.contains(w.watch()))
                .mapToInt(ObservationRows.InWatch::acts)
                .sum();
    }

    /** Pressure on everybody who took anything over the last days, by number of fish. */
    public Map<Long, Pressure> pressure(OwnedTank tank, int days, List<WatchEntity> watches) {
        LocalDate today = LocalDate.now(clock);
        LocalDate first = today.minusDays(days - 1L);
        Map<LocalDate, Double> hours = watches.stream()
                .collect(Collectors.groupingBy(
                        w -> w.beganAt().atZone(clock.getZone()).toLocalDate(),
                        Collectors.summingDouble(WatchEntity::hours)));
        Map<Long, Map<LocalDate, ObservationRows.Received>> received = new HashMap<>();
        for (ObservationRows.Received r : entries.received(
                tank.id(),
                first.atStartOfDay(clock.getZone()).toInstant(),
                EventTypes.PRESSING,
                clock.getZone().getId(),
                running(tank))) {
            received.computeIfAbsent(r.fish(), k -> new HashMap<>()).put(r.on(), r);
        }
        Map<Long, Pressure> pressure = new HashMap<>();
        received.forEach((fish, byDay) -> {
            List<Pressure.Day> course = new ArrayList<>();
            for (LocalDate day = first; !day.isAfter(today); day = day.plusDays(1)) {
                ObservationRows.Received r = byDay.get(day);
                double watched = hours.getOrDefault(day, 0.0);
                course.add(
                        r == null
                                ? new Pressure.Day(day, 0, 0, watched, 0)
                                : new Pressure.Day(day, r.weighed(), r.acts(), watched, r.outside()));
            }
            pressure.put(fish, new Pressure(course));
        });
        return pressure;
    }

    /** The last time that each fish was noted with each doing, or met another as its target. */
    public static final class LastNotes {
        private final Map<Long, Map<EventType, Instant>> noted = new HashMap<>();
        private final Map<Long, Instant> seen = new HashMap<>();

        /** Empty map for a fish that was never noted. */
        public Map<EventType, Instant> of(long fish) {
            return noted.getOrDefault(fish, Map.of());
        }

        /** When it was last seen at all; null if never. */
        public Instant seen(long fish) {
            return seen.get(fish);
        }
    }

    public LastNotes last(OwnedTank tank) {
        LastNotes notes = new LastNotes();
        for (ObservationRows.Last l : entries.last(tank.id(), ago(LAST_DAYS))) {
            Named.find(EventType.class, l.doing()).ifPresent(d -> {
                notes.noted.computeIfAbsent(l.fish(), k -> new HashMap<>()).put(d, l.at());
                if (d != EventType.ABSENT && d != EventType.NOTE) {
                    notes.seen.merge(l.fish(), l.at(), (a, b) -> a.isAfter(b) ? a : b);
                }
            });
        }
        entries.lastAsTarget(tank.id(), ago(LAST_DAYS))
                .forEach(l -> notes.seen.merge(l.fish(), l.at(), (a, b) -> a.isAfter(b) ? a : b));
        return notes;
    }

    /**
     * What was noted of a fish before a day's end.
     *
     * @param daysAgo from the last note of each thing to that day, 0 on the day itself
     * @param acts    contests that it lost in the last seven days
     * @param by      who won most of them; null if nobody
     */
    public record Before(Map<EventType, Long> daysAgo, int acts, Long by) {}

    /** @param group whose member it is; null if it stands for itself */
    public Before before(OwnedTank tank, long fish, Long group, LocalDate on) {
        Map<EventType, Long> ago = new HashMap<>();
        Map<Long, Integer> by = new HashMap<>();
        List<ObservationEntity> lines = new ArrayList<>(entries.about(tank.id(), fish, Limit.of(MOST_BEFORE)));
        if (group != null) {
            lines.addAll(entries.about(tank.id(), group, Limit.of(MOST_BEFORE)));
        }
        for (ObservationEntity e : lines) {
            long days = ChronoUnit.DAYS.between(e.at().atZone(clock.getZone()).toLocalDate(), on);
            boolean mine =
                    e.fishId() != null && (e.fishId() == fish || e.fishId().equals(group));
            if (days >= 0 && mine && !e.doing().toAnother()) {
                ago.merge(e.doing(), days, Math::min);
            } else if (days >= 0
                    && days <= BEFORE_DAYS
                    && !mine
                    && e.doing().kind() == EventType.Kind.CONTEST
                    && e.fishId() != null) {
                by.merge(e.fishId(), e.times(), Integer::sum);
            }
        }
        return new Before(
                ago,
                by.values().stream().mapToInt(Integer::intValue).sum(),
                by.entrySet().stream()
                        .max(Map.Entry.comparingByValue())
                        .map(Map.Entry::getKey)
                        .orElse(null));
    }

    /** Acts that were seen outside watches. */
    public int outsideWatches(OwnedTank tank, int days) {
        return entries.outsideWatches(tank.id(), ago(days), EventTypes.PRESSING);
    }

    /** Where acts were seen, newest first. @param times how often */
    public record Place(Sighting.Spot at, int times, long fish, Long other) {}

    public List<Place> places(OwnedTank tank, int days) {
        return entries.placed(tank.id(), ago(days), EventTypes.PRESSING, Limit.of(MOST_PLACED)).stream()
                .map(e -> new Place(new Sighting.Spot(e.x(), e.y()), e.times(), e.fish(), e.other()))
                .toList();
    }

    /** The course of hide-or-absent against seen-or-eating of one fish, newest first, one a feeding. */
    public int hidesRunning(OwnedTank tank, long fish) {
        int running = 0;
        for (ObservationEntity e : entries.about(tank.id(), fish, Limit.of(30))) {
            boolean mine = e.fishId() != null && e.fishId() == fish;
            if (mine && (e.doing() == EventType.HIDES || e.doing() == EventType.ABSENT)) {
                running++;
            } else if (mine && (e.doing() == EventType.EATS || e.doing() == EventType.SEEN)) {
                return running;
            }
        }
        return running;
    }
}
