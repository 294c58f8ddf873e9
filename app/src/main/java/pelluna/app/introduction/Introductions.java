package pelluna.app.introduction;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.fish.PartyOfFish;
import pelluna.app.log.LogBook;
import pelluna.app.log.LogFigures;
import pelluna.app.log.WatchEntity;
import pelluna.app.planning.OpenTank;
import pelluna.app.quarantine.QuarantineBoard;
import pelluna.core.arrivals.Dated;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.RateChange;
import pelluna.core.introduction.BoxGate;
import pelluna.core.introduction.BoxWatch;
import pelluna.core.introduction.Method;
import pelluna.core.introduction.PullOut;
import pelluna.core.introduction.ReleaseCheck;
import pelluna.core.introduction.SeeThroughBox;
import pelluna.core.plan.Party;
import pelluna.core.tension.Tension;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/**
 * Fish on their way in, as pages show them: in the box, or in their first days after it. What is done about them is
 * {@link WaysIn}.
 */
@Service
public class Introductions {
    /** Days after release in which a fish counts as a newcomer. */
    private static final int NEW_DAYS = 14;
    /** Days after release in which the roll is called by itself. */
    private static final int ROLL_DAYS = 7;

    private static final List<EventType> ROLL =
            List.of(EventType.EATS, EventType.SEEN, EventType.NOT_EATING, EventType.ABSENT);
    private static final Duration WOUND_COUNTS = Duration.ofDays(2);

    private final Individuals fish;
    private final LogBook log;
    private final LogFigures figures;
    private final QuarantineBoard quarantine;
    private final IntroductionRows rows;
    private final ReleaseCheckRows looks;
    private final Clock clock;

    Introductions(
            Individuals fish,
            LogBook log,
            LogFigures figures,
            QuarantineBoard quarantine,
            IntroductionRows rows,
            ReleaseCheckRows looks,
            Clock clock) {
        this.fish = fish;
        this.log = log;
        this.figures = figures;
        this.quarantine = quarantine;
        this.rows = rows;
        this.looks = looks;
        this.clock = clock;
    }

    /** A look that is due or done. @param done empty until it was looked */
    public record LookDue(ReleaseCheck look, LocalDateTime due, Optional<String> done) {}

    /**
     * One fish on its way in.
     *
     * @param gate  empty unless it is in the box
     * @param pull  pull-out rules that are met
     * @param settling from its first days to the last, in watches; since it was released
     */
    public record Coming(
            long id,
            Fish fish,
            Method method,
            Optional<SeeThroughBox> box,
            LocalDateTime boxed,
            LocalDateTime released,
            Optional<BoxGate> gate,
            RateChange boxCourse,
            List<BoxWatch> boxWatches,
            List<LookDue> looks,
            List<String> pull,
            RateChange settling,
            Optional<String> boss,
            Optional<Long> bossFish,
            Map<EventType, Instant> notes,
            String ended) {
        public boolean inTheBox() {
            return gate.isPresent();
        }

        /** The first look that is due and not done. */
        public Optional<LookDue> due(LocalDateTime now) {
            return looks.stream()
                    .filter(l -> l.done().isEmpty() && !l.due().isAfter(now))
                    .reduce((a, b) -> b);
        }

        public Optional<LookDue> next(LocalDateTime now) {
            return looks.stream()
                    .filter(l -> l.done().isEmpty() && l.due().isAfter(now))
                    .findFirst();
        }
    }

    Instant instant() {
        return log.now();
    }

    ZoneId zone() {
        return clock.getZone();
    }

    public LocalDateTime now() {
        return LocalDateTime.ofInstant(log.now(), clock.getZone());
    }

    /** Those in the box and those who came out in the last fourteen days, newest first. */
    @Transactional(readOnly = true)
    public List<Coming> coming(OpenTank opened) {
        return told(
                opened,
                rows.findByTankIdOrderByIdDesc(opened.owned().id()).stream()
                        .filter(this::onItsWay)
                        .toList());
    }

    private boolean onItsWay(IntroductionEntity b) {
        return b.endedAt() == null
                && (b.inTheBox()
                        || b.releasedAt() != null
                                && b.releasedAt().isAfter(log.now().minus(NEW_DAYS, ChronoUnit.DAYS)));
    }

    private List<Coming> told(OpenTank opened, List<IntroductionEntity> all) {
        OwnedTank tank = opened.owned();
        if (all.isEmpty()) {
            return List.of();
        }
        Map<Long, Fish> known = new HashMap<>();
        fish.all(tank).forEach(f -> known.put(f.id(), f));
        List<ReleaseCheckEntity> looked = looks.findByBringingIdInOrderByLookedAt(
                all.stream().map(IntroductionEntity::id).toList());
        List<WatchEntity> watches = figures.watches(tank);
        LogFigures.LastNotes notes = figures.last(tank);
        return all.stream()
                .filter(b -> known.containsKey(b.fishId()))
                .map(b -> told(opened, b, known, looked, watches, notes))
                .toList();
    }

    @Transactional(readOnly = true)
    public Coming one(OpenTank opened, long introduction) {
        return told(
                        opened,
                        rows.findByIdAndTankId(introduction, opened.owned().id()).stream()
                                .toList())
                .stream()
                .findFirst()
                .orElseThrow(NoSuchTankException::new);
    }

    /** A way in by its name and days alone. */
    public record Before(long id, Fish fish, LocalDateTime released, String ended) {}

    /** Those that are no longer on their way, newest first. */
    @Transactional(readOnly = true)
    public List<Before> before(OpenTank opened) {
        Map<Long, Fish> known = new HashMap<>();
        fish.all(opened.owned()).forEach(f -> known.put(f.id(), f));
        return rows.findByTankIdOrderByIdDesc(opened.owned().id()).stream()
                .filter(b -> !onItsWay(b) && known.containsKey(b.fishId()))
                .map(b -> new Before(b.id(), known.get(b.fishId()), at(b.releasedAt()), b.ended(opened.say())))
                .toList();
    }

    private Coming told(
            OpenTank opened,
            IntroductionEntity b,
            Map<Long, Fish> known,
            List<ReleaseCheckEntity> looked,
            List<WatchEntity> watches,
            LogFigures.LastNotes notes) {
        OwnedTank tank = opened.owned();
        Fish f = known.get(b.fishId());
        Map<EventType, Instant> mine = notes.of(f.id());
        Optional<Fish> boss = boss(opened, f, known);
        List<BoxWatch> boxWatches = b.boxedAt() == null
                ? List.of()
                : watches.stream()
                        .filter(w -> !w.beganAt().isBefore(b.boxedAt())
                                && (b.releasedAt() == null || w.beganAt().isBefore(b.releasedAt())))
                        .map(w -> new BoxWatch(w.beganAt(), w.endedAt(), figures.strikes(tank, watches, w, f.id())))
                        .toList();
        BoxGate.Boxed boxed = new BoxGate.Boxed(
                b.boxedAt() == null ? log.now() : b.boxedAt(),
                boxWatches,
                since(mine.get(EventType.EATS), b.boxedAt()),
                since(mine.get(EventType.NOT_EATING), b.boxedAt()),
                since(mine.get(EventType.WOUND), b.boxedAt()).isPresent());
        Optional<BoxGate> gate = b.inTheBox() ? Optional.of(BoxGate.of(boxed, log.now())) : Optional.empty();
        LocalDateTime released = at(b.releasedAt());
        List<LookDue> due = released == null
                ? List.of()
                : Arrays.stream(ReleaseCheck.values())
                        .map(l -> new LookDue(
                                l,
                                l.due(
                                        released,
                                        opened.tank().lightsOn(),
                                        opened.tank().lightsOff()),
                                looked.stream()
                                        .filter(d -> d.look() == l
                                                && d.introduction().equals(b.id()))
                                        .reduce((x, y) -> y)
                                        .map(d -> said(d, at(d.lookedAt()), opened.say()))))
                        .toList();
        return new Coming(
                b.id(),
                f,
                b.method(),
                b.box(),
                at(b.boxedAt()),
                released,
                gate,
                BoxGate.course(boxed),
                boxWatches,
                due,
                b.releasedAt() == null || b.endedAt() != null
                        ? List.of()
                        : rules(PullOut.met(seen(tank, f, mine, watches, b.releasedAt())), opened.say()),
                settling(tank, f, watches, b.releasedAt()),
                boss.map(x -> opened.say().of(x.said())),
                boss.map(Fish::id),
                mine,
                b.ended(opened.say()));
    }

    private static String said(ReleaseCheckEntity d, LocalDateTime at, Words say) {
        return d.says(say) + " (" + say.shortDate(at.toLocalDate()) + ", "
                + at.toLocalTime().truncatedTo(ChronoUnit.MINUTES) + ")";
    }

    private static Optional<Instant> since(Instant at, Instant from) {
        return Optional.ofNullable(at).filter(a -> from != null && !a.isBefore(from));
    }

    private LocalDateTime at(Instant when) {
        return when == null ? null : LocalDateTime.ofInstant(when, clock.getZone());
    }

    /** Who presses it hardest: as expected, by the assessment. */
    private static Optional<Fish> boss(OpenTank opened, Fish f, Map<Long, Fish> known) {
        Optional<String> party = PartyOfFish.of(opened, f);
        return party.flatMap(id -> opened.assessment().tension().stream()
                        .filter(t -> t.target().id().equals(id) && t.aggressor().resident())
                        .max(Comparator.comparingDouble((Tension t) -> t.index())))
                .flatMap(t -> opened.resident(t.aggressor().id()))
                .flatMap(row ->
                        known.values().stream().filter(k -> row.id() == k.id()).findFirst());
    }

    private PullOut.Seen seen(
            OwnedTank tank, Fish f, Map<EventType, Instant> mine, List<WatchEntity> watches, Instant released) {
        Instant now = log.now();
        boolean wounded = Stream.of(EventType.WOUND, EventType.TORN_FIN)
                .map(mine::get)
                .anyMatch(t -> t != null && t.isAfter(now.minus(WOUND_COUNTS)));
        Instant ate = mine.get(EventType.EATS);
        Instant refused = mine.get(EventType.NOT_EATING);
        boolean fasts = refused != null && refused.isAfter(released) && (ate == null || ate.isBefore(refused));
        long days = fasts
                ? Duration.between(ate == null || ate.isBefore(released) ? released : ate, now)
                        .toDays()
                : 0;
        return new PullOut.Seen(
                wounded, days, lastRate(tank, f, watches, released), figures.hidesRunning(tank, f.id()));
    }

    /**
     * Whether the roll should be called for its sake today: it came out within the last week, and nobody has noted it
     * today.
     */
    public boolean callsTheRoll(Coming c) {
        return c.released() != null
                && c.released().isAfter(now().minusDays(ROLL_DAYS))
                && ROLL.stream()
                        .map(c.notes()::get)
                        .noneMatch(t -> t != null && at(t).toLocalDate().equals(now().toLocalDate()));
    }

    /** Pull-out rules that are met for any fish of the tank. */
    @Transactional(readOnly = true)
    public List<String> pull(OpenTank opened, Fish f) {
        return pull(opened, f, figures.last(opened.owned()));
    }

    /** @param notes of this tank, where they are at hand */
    @Transactional(readOnly = true)
    public List<String> pull(OpenTank opened, Fish f, LogFigures.LastNotes notes) {
        OwnedTank tank = opened.owned();
        Instant came = f.cameOn() == null
                ? Instant.EPOCH
                : f.cameOn().atStartOfDay(clock.getZone()).toInstant();
        return f.swims()
                ? rules(PullOut.met(seen(tank, f, notes.of(f.id()), figures.watches(tank), came)), opened.say())
                : List.of();
    }

    private static List<String> rules(List<? extends Statement> met, Words say) {
        return met.stream().map(say::of).toList();
    }

    private double lastRate(OwnedTank tank, Fish f, List<WatchEntity> watches, Instant released) {
        if (watches.isEmpty()) {
            return 0;
        }
        WatchEntity last = watches.get(watches.size() - 1);
        boolean fresh = last.beganAt().isAfter(released)
                && last.beganAt().isAfter(log.now().minus(WOUND_COUNTS))
                && last.hours() > 0;
        return fresh
                ? figures.contestsIn(tank, watches, last.beganAt(), last.endedAt(), f.id(), null)
                        .rate()
                : 0;
    }

    /** The later half of its days here against the first, as watched. */
    private RateChange settling(OwnedTank tank, Fish f, List<WatchEntity> watches, Instant released) {
        Instant from = released == null ? log.now() : released;
        Instant middle = from.plus(Duration.between(from, log.now()).dividedBy(2));
        return RateChange.between(
                figures.contestsIn(tank, watches, from, middle, f.id(), null),
                figures.contestsIn(tank, watches, middle, log.now(), f.id(), null));
    }

    /** A planned arrival that is not on its way yet. */
    public record Next(Party party, Dated step, long wish, Optional<List<String>> stillMissing) {}

    /** In the order of the plan. */
    @Transactional(readOnly = true)
    public List<Next> next(OpenTank opened) {
        List<Long> under = fish.all(opened.owned()).stream()
                .filter(Fish::boxed)
                .map(Fish::id)
                .toList();
        List<Next> next = new ArrayList<>();
        for (Dated d : opened.assessment().arrivals().steps()) {
            for (Party p : d.arrival().parties()) {
                long wish = opened.wish(p.id()).orElseThrow().id();
                if (!under.contains(wish)) {
                    next.add(new Next(
                            p, d, wish, quarantine.clock(opened, wish).map(c -> rules(c.missing(), opened.say()))));
                }
            }
        }
        return next;
    }
}
