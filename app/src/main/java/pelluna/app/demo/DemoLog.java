package pelluna.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.introduction.Interventions;
import pelluna.app.introduction.WaysIn;
import pelluna.app.limits.Steps;
import pelluna.app.log.LogBook;
import pelluna.app.log.LogSheets;
import pelluna.app.log.Observation;
import pelluna.app.probe.Probes;
import pelluna.core.behaviour.EventType;
import pelluna.core.introduction.Intervention;
import pelluna.core.introduction.Method;
import pelluna.core.introduction.ReleaseCheck;
import pelluna.core.introduction.SeeThroughBox;

/**
 * Six invented weeks at Lantern Ledge: a wrasse goes through the box, comes out, and is pressed by the dottyback; a
 * mirror does not help, moved rock
 * does. Drawn once by a fixed seed, so that the story is always the same.
 */
class DemoLog {
    private static final int WEEKS = 6;
    private static final int BOXED = 21;
    private static final int RELEASED = 13;
    private static final int MIRROR = 10;
    private static final int ROCK = 7;
    private static final LocalTime MORNING = LocalTime.of(9, 40);
    private static final LocalTime EVENING = LocalTime.of(18, 20);

    private final Individuals fish;
    private final LogBook log;
    private final LogSheets sheets;
    private final WaysIn ways;
    private final Interventions measures;
    private final Probes probes;
    private final Clock clock;
    private final Random random = new Random(42);

    DemoLog(
            Individuals fish,
            LogBook log,
            LogSheets sheets,
            WaysIn ways,
            Interventions measures,
            Probes probes,
            Clock clock) {
        this.fish = fish;
        this.log = log;
        this.sheets = sheets;
        this.ways = ways;
        this.measures = measures;
        this.probes = probes;
        this.clock = clock;
    }

    /** Who is who. */
    private record Cast(long clowns, long female, long blenny, long cardinals, long boss, long wrasse) {
        List<Long> all(boolean withWrasse) {
            return withWrasse
                    ? List.of(clowns, blenny, cardinals, boss, wrasse)
                    : List.of(clowns, blenny, cardinals, boss);
        }
    }

    void write(OwnedTank tank) {
        Cast cast = cast(tank);
        List<Observation> lines = new ArrayList<>();
        for (int ago = 7 * WEEKS; ago >= 0; ago--) {
            day(tank, cast, ago, lines);
        }
        sheets.write(
                tank,
                lines.stream().filter(l -> l.at().isBefore(clock.instant())).toList(),
                Steps.UNSEEN);
        long in = ways.recorded(
                tank,
                cast.wrasse(),
                Method.BOX_DAYS,
                new SeeThroughBox(32, 18, 22),
                at(BOXED, LocalTime.of(17, 0)),
                at(RELEASED, LocalTime.of(20, 40)));
        looks(tank, in);
        measures.recorded(
                tank,
                Intervention.MIRROR,
                cast.wrasse(),
                cast.boss(),
                at(MIRROR, LocalTime.of(12, 0)),
                at(ROCK, LocalTime.of(11, 30)),
                "left pane, by day");
        measures.recorded(
                tank,
                Intervention.MOVED_ROCK,
                cast.wrasse(),
                cast.boss(),
                at(ROCK, LocalTime.of(12, 0)),
                at(ROCK, LocalTime.of(12, 40)),
                "left heap turned, two new gaps");
        probes.simulatePast(tank, 7);
    }

    private Cast cast(OwnedTank tank) {
        List<Fish> all = fish.all(tank);
        long clowns = id(all, "Amphiprion ocellaris");
        long boss = id(all, "Pseudochromis springeri");
        long wrasse = id(all, "Halichoeres chrysus");
        fish.called(tank, boss, "Inky", "boss");
        fish.called(tank, wrasse, "Saffron", "");
        long female = fish.member(tank, clowns, "the large clown", "female");
        return new Cast(clowns, female, id(all, "Salarias fasciatus"), id(all, "Sphaeramia nematoptera"), boss, wrasse);
    }

    private static long id(List<Fish> all, String species) {
        return all.stream()
                .filter(f -> f.species().scientificName().equals(species))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private void day(OwnedTank tank, Cast c, int ago, List<Observation> lines) {
        boolean in = ago < RELEASED;
        boolean box = ago <= BOXED && ago >= RELEASED;
        if (ago % 2 == 0 || box || in) {
            watch(tank, c, ago, MORNING, lines);
        }
        if (in) {
            watch(tank, c, ago, EVENING, lines);
        }
        feeding(c, ago, in || box, lines);
        if (ago == RELEASED - 1) {
            lines.add(new Observation(
                    at(ago, LocalTime.of(8, 30)),
                    EventType.HIDES,
                    c.wrasse(),
                    null,
                    0.86,
                    0.04,
                    1,
                    1,
                    "in the sand",
                    null));
        }
        if (ago == MIRROR + 1) {
            lines.add(new Observation(
                    at(ago, LocalTime.of(19, 5)),
                    EventType.TORN_FIN,
                    c.wrasse(),
                    null,
                    null,
                    null,
                    2,
                    1,
                    "upper tail",
                    null));
        }
        if (ago == 4) {
            lines.add(new Observation(
                    at(ago, LocalTime.of(19, 30)),
                    EventType.CLOUDY_EYE,
                    c.cardinals(),
                    null,
                    null,
                    null,
                    2,
                    1,
                    "one of the four, left eye",
                    null));
        }
        if (ago == 30) {
            lines.add(new Observation(
                    at(ago, LocalTime.of(20, 15)),
                    EventType.SPAWNED,
                    c.clowns(),
                    null,
                    0.2,
                    0.12,
                    1,
                    1,
                    "by the left heap",
                    null));
        }
    }

    private void watch(OwnedTank tank, Cast c, int ago, LocalTime from, List<Observation> lines) {
        Instant began = at(ago, from).plusSeconds(random.nextInt(900));
        Instant ended = began.plus(Duration.ofMinutes(18 + random.nextInt(8)));
        if (ended.isAfter(clock.instant())) {
            return;
        }
        log.watched(tank, began, ended);
        double hours = Duration.between(began, ended).toSeconds() / 3600.0;
        acts(lines, began, hours, 0.5, EventType.CHASED, c.boss(), c.blenny(), 0.2, 0.25);
        acts(lines, began, hours, 0.3, EventType.BLOCKED_FOOD, c.boss(), c.cardinals(), 0.35, 0.7);
        acts(lines, began, hours, 1.2, EventType.CHASED, c.female(), c.boss(), 0.16, 0.15);
        acts(lines, began, hours, 0.7, EventType.CHASED, c.clowns(), c.blenny(), 0.2, 0.1);
        acts(lines, began, hours, 0.9, EventType.CHASED, c.blenny(), c.cardinals(), 0.5, 0.3);
        acts(lines, began, hours, 0.8, EventType.DISPLAYED, c.boss(), c.clowns(), 0.22, 0.2);
        if (ago <= BOXED && ago >= RELEASED) {
            acts(
                    lines,
                    began,
                    hours,
                    Math.max(0, 2.6 * (ago - RELEASED - 3)),
                    EventType.STRUCK_BOX,
                    c.boss(),
                    c.wrasse(),
                    0.45,
                    0.6);
            acts(lines, began, hours, ago > BOXED - 3 ? 3 : 0, EventType.STRUCK_BOX, c.clowns(), c.wrasse(), 0.45, 0.6);
        }
        if (ago < RELEASED) {
            double rate = ago > MIRROR ? 4.4 : ago > ROCK ? 4.2 : ago > 4 ? 1.5 : 0.9;
            acts(lines, began, hours, rate * 0.8, EventType.CHASED, c.boss(), c.wrasse(), ago > ROCK ? 0.24 : 0.4, 0.3);
            acts(lines, began, hours, rate * 0.2, EventType.NIPPED, c.boss(), c.wrasse(), 0.28, 0.2);
            acts(lines, began, hours, 0.4, EventType.CHASED, c.wrasse(), c.cardinals(), 0.7, 0.6);
        }
    }

    /** As many acts as a Poisson process of this rate gives in the hours. */
    private void acts(
            List<Observation> lines,
            Instant began,
            double hours,
            double rate,
            EventType doing,
            long who,
            long whom,
            double x,
            double y) {
        double t = 0;
        while (rate > 0) {
            t += -Math.log(1 - random.nextDouble()) / rate;
            if (t >= hours) {
                return;
            }
            lines.add(new Observation(
                    began.plusSeconds(Math.round(t * 3600)),
                    doing,
                    who,
                    whom,
                    near(x),
                    near(y),
                    doing.gravity(),
                    1,
                    "",
                    null));
        }
    }

    private double near(double at) {
        return Math.max(0.02, Math.min(0.98, at + 0.05 * random.nextGaussian()));
    }

    private void feeding(Cast c, int ago, boolean wrasse, List<Observation> lines) {
        Instant evening = at(ago, LocalTime.of(19, 0));
        lines.add(new Observation(
                at(ago, LocalTime.of(9, 20)), EventType.FED, null, null, 0.15, 0.95, 1, 1, "pellets", null));
        lines.add(new Observation(
                evening, EventType.FED, null, null, ago < ROCK ? 0.85 : 0.18, 0.95, 1, 1, "mysis", null));
        if (ago % 2 == 1) {
            lines.add(new Observation(
                    at(ago, LocalTime.of(12, 30)), EventType.SEAWEED, null, null, 0.9, 0.5, 1, 1, "", null));
        }
        for (long f : c.all(wrasse)) {
            boolean fasts = f == c.wrasse() && (ago >= BOXED - 1 || ago == RELEASED - 1);
            lines.add(Observation.of(evening.plusSeconds(120), fasts ? EventType.NOT_EATING : EventType.EATS, f));
        }
    }

    private void looks(OwnedTank tank, long in) {
        boolean[][] seen = {
            {true, true, false, true},
            {false, true, false, false},
            {false, true, false, true},
            {true, false, true, true},
            {true, true, true, false}
        };
        String[] notes = {
            "to the right heap, Inky behind it",
            "already in the sand",
            "out at ten, chased twice",
            "upper tail split",
            "sleeps at the right end"
        };
        ReleaseCheck[] looks = ReleaseCheck.values();
        int[] ago = {RELEASED, RELEASED, RELEASED - 1, RELEASED - 3, RELEASED - 7};
        LocalTime[] times = {
            LocalTime.of(21, 40), LocalTime.of(21, 50), LocalTime.of(11, 5), LocalTime.of(11, 10), LocalTime.of(11, 20)
        };
        for (int i = 0; i < looks.length; i++) {
            ways.recordedLook(tank, in, looks[i], at(ago[i], times[i]), seen[i], notes[i]);
        }
    }

    private Instant at(int daysAgo, LocalTime time) {
        return LocalDate.now(clock)
                .minusDays(daysAgo)
                .atTime(time)
                .atZone(clock.getZone())
                .toInstant();
    }
}
