package pelluna.app.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.incident.Incidents;
import pelluna.app.limits.Steps;
import pelluna.app.log.LogBook;
import pelluna.app.log.LogSheets;
import pelluna.app.log.Observation;
import pelluna.app.losses.Ledger;
import pelluna.app.losses.LossReport;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.TankPlans;
import pelluna.app.prediction.PredictionKeeper;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.behaviour.EventType;
import pelluna.core.crew.CrewKind;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.losses.Cause;
import pelluna.core.losses.IncidentKind;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TankFile;
import pelluna.core.plan.TankFile.Quarantine;
import pelluna.core.tank.Cover;
import pelluna.core.tank.QuarantineSchool;

/**
 * What was before: an invented keeper who lost two jumpers without a cover, skipped quarantine once and paid for it,
 * starved a mandarin, and gave a third clownfish
 * back after a week of fights. What the
 * plan had said on each day of arrival is computed for that day, from the tank and its fish as they were then.
 */
class DemoPast {
    /** The month after cycling in which the keeper of Lantern Ledge fitted a cover. */
    private static final int COVERED_DAYS = 150;

    private final TankPlans plans;
    private final PlanFiles files;
    private final Individuals fish;
    private final PredictionKeeper words;
    private final Ledger ledger;
    private final Crews crew;
    private final Incidents incidents;
    private final LogBook log;
    private final LogSheets sheets;
    private final Clock clock;

    DemoPast(
            TankPlans plans,
            PlanFiles files,
            Individuals fish,
            PredictionKeeper words,
            Ledger ledger,
            Crews crew,
            Incidents incidents,
            LogBook log,
            LogSheets sheets,
            Clock clock) {
        this.plans = plans;
        this.files = files;
        this.fish = fish;
        this.words = words;
        this.ledger = ledger;
        this.crew = crew;
        this.incidents = incidents;
        this.log = log;
        this.sheets = sheets;
        this.clock = clock;
    }

    /** One that came. @param left days ago; negative if it is there still */
    private record Came(
            String species,
            int count,
            double cm,
            int ago,
            int left,
            boolean bred,
            String shop,
            String school,
            double price) {}

    /** What is under way for one tank: who came when, in order, with numbers of fish. */
    private record Story(OwnedTank tank, PlanFile plan, List<Came> came, Map<Came, Long> numbers) {}

    void writeLantern(OwnedTank tank) {
        Came clowns = new Came(
                "Amphiprion ocellaris", 2, 5, 352, -1, true, "the breeder in the hills", "thirty-days-watch", 30);
        Came firefish =
                new Came("Nemateleotris magnifica", 1, 5, 340, 316, false, "the harbour shop", "thirty-days-watch", 28);
        Came wrasse = new Came(
                "Pseudocheilinus hexataenia", 1, 5, 318, 296, false, "the harbour shop", "thirty-days-watch", 32);
        Came blenny = new Came("Salarias fasciatus", 1, 8, 282, -1, false, "the harbour shop", "thirty-days-watch", 25);
        Came chromis = new Came("Chromis viridis", 5, 4, 262, 150, false, "mail order", "none", 9);
        Came tang = new Came("Zebrasoma flavescens", 1, 8, 258, 240, false, "mail order", "none", 95);
        Came cardinals = new Came(
                "Sphaeramia nematoptera", 4, 4, 219, -1, true, "the breeder in the hills", "thirty-days-watch", 18);
        Came mandarin =
                new Came("Synchiropus splendidus", 1, 6, 180, 118, false, "the harbour shop", "thirty-days-watch", 45);
        Came inky = new Came(
                "Pseudochromis springeri", 1, 5, 135, -1, true, "the breeder in the hills", "thirty-days-watch", 38);
        Came clark = new Came("Amphiprion clarkii", 1, 6, 128, 119, true, "mail order", "thirty-days-watch", 34);
        Came saffron =
                new Came("Halichoeres chrysus", 1, 7, 13, -1, false, "the harbour shop", "thirty-days-watch", 35);
        Story s = story(
                tank,
                List.of(clowns, firefish, wrasse, blenny, chromis, tang, cardinals, mandarin, inky, clark, saffron));
        lost(s, firefish, 1, 316, Cause.JUMPED, Sure.SEEN, "on the floor behind the stand, dry", true);
        lost(s, wrasse, 1, 296, Cause.JUMPED, Sure.SEEN, "gone at night; found under the cabinet", true);
        lost(s, tang, 1, 240, Cause.DISEASE, Sure.LIKELY, "white spots for a week, then fast breath", false);
        lost(s, chromis, 2, 237, Cause.DISEASE, Sure.LIKELY, "spots on both, one day after the tang", false);
        lost(s, chromis, 1, 190, Cause.KILLED, Sure.GUESS, "the smallest, in the corner, fins in shreds", false);
        ledger.remember(
                tank,
                new LossReport(
                        s.numbers().get(chromis),
                        null,
                        2,
                        ago(150),
                        Left.TRADED_IN,
                        Cause.UNKNOWN,
                        Sure.GUESS,
                        null,
                        "the two that were left, to a larger tank",
                        null),
                false);
        lost(s, mandarin, 1, 118, Cause.STARVED, Sure.SEEN, "sunken belly for weeks; took no frozen food", false);
        lost(s, cardinals, 1, 205, Cause.UNKNOWN, Sure.GUESS, "one less at the count", false);
        fight(s, clark, clowns);
        outbreak(s, tang, chromis);
        crew(tank);
    }

    void writeSill(OwnedTank tank) {
        Came first = new Came("Tigrigobius multifasciatus", 1, 3, 62, 41, true, "the breeder in the hills", "none", 22);
        Came yasha = new Came("Stonogobiops yasha", 1, 4, 30, -1, false, "the harbour shop", "thirty-days-watch", 40);
        Story s = story(tank, List.of(first, yasha));
        lost(s, first, 1, 41, Cause.JUMPED, Sure.LIKELY, "through the gap at the heater cable", true);
        long snails = crew.comes(tank, CrewKind.SNAILS, "", 6, 1.5, 2.0, ago(60));
        crew.counted(tank, snails, ago(5), 5, 0, "");
    }

    private Story story(OwnedTank tank, List<Came> came) {
        Story s = new Story(tank, plans.file(tank), came, new LinkedHashMap<>());
        List<Fish> there = fish.all(tank);
        for (Came c : came) {
            long number = c.left() < 0
                    ? there.stream()
                            .filter(f ->
                                    f.lives() && f.species().scientificName().equals(c.species()))
                            .findFirst()
                            .orElseThrow()
                            .id()
                    : fish.remembered(tank, c.species(), c.count(), ago(c.ago()), LifeEvent.LEFT, ago(c.left()));
            int quarantine = c.school().equals("none") ? 0 : 30;
            fish.bought(tank, number, c.shop(), c.bred(), c.school(), c.price(), ago(c.ago() + quarantine));
            s.numbers().put(c, number);
            said(s, c);
        }
        return s;
    }

    private void lost(Story s, Came who, int count, int daysAgo, Cause cause, Sure sure, String seen, boolean open) {
        ledger.remember(
                s.tank(),
                LossReport.lost(
                        s.numbers().get(who), count, ago(daysAgo), cause, sure, null, seen, who.price() * count),
                open);
    }

    /** Keeps what the plan says of an arrival on its day. */
    private void said(Story s, Came now) {
        LocalDate day = ago(now.ago());
        List<Came> company = s.came().stream()
                .filter(c -> c.ago() > now.ago() && c.left() < now.ago())
                .toList();
        PlanFile file = s.plan()
                .with(tank(s, now, day))
                .tested(List.of())
                .living(company.stream().map(c -> entry(c, ago(c.ago()))).toList())
                .wishing(List.of(entry(now, null)));
        Plan plan = files.plan(file, day);
        Assessment a = new Assessor().assess(plan);
        Map<String, Long> who = new HashMap<>();
        for (int i = 0; i < company.size(); i++) {
            who.put(plan.residents().get(i).id(), s.numbers().get(company.get(i)));
        }
        who.put(plan.wishes().get(0).id(), s.numbers().get(now));
        words.keep(s.tank(), s.numbers().get(now), day, file, a, plan.wishes().get(0), who);
    }

    private TankFile tank(Story s, Came now, LocalDate day) {
        TankFile tank = s.plan().tank();
        boolean uncovered = tank.cover() == Cover.MESH && ChronoUnit.DAYS.between(tank.cycledOn(), day) < COVERED_DAYS;
        return tank.but(d -> {
            d.cover = uncovered ? Cover.NONE : d.cover;
            d.quarantine = now.school().equals("none") ? new Quarantine(0, QuarantineSchool.NONE) : d.quarantine;
        });
    }

    private static FishFile entry(Came c, LocalDate since) {
        return FishFile.of(c.species(), c.count()).but(d -> {
            d.lengthCm = c.cm();
            d.since = since;
            d.captiveBred = c.bred() ? true : null;
        });
    }

    private void outbreak(Story s, Came tang, Came chromis) {
        long t = s.numbers().get(tang);
        long c = s.numbers().get(chromis);
        sheets.write(
                s.tank(),
                List.of(
                        sign(256, EventType.HIDES, t, "behind the rock, pale"),
                        sign(251, EventType.RUBS, t, "against the sand"),
                        sign(249, EventType.RUBS, t, ""),
                        sign(247, EventType.SPOTS, t, "six or seven, fins and flanks"),
                        sign(244, EventType.SPOTS, t, "too many to count"),
                        sign(243, EventType.NOT_EATING, t, ""),
                        sign(242, EventType.FAST_BREATH, t, ""),
                        sign(240, EventType.SPOTS, c, "two of the five"),
                        sign(238, EventType.FAST_BREATH, c, ""),
                        sign(236, EventType.NOTE, null, "no new fish before June")),
                Steps.UNSEEN);
        long incident = incidents.open(s.tank(), "The white spots of spring", IncidentKind.OUTBREAK, ago(247), t);
        incidents.told(
                s.tank(),
                incident,
                "The tang and the chromis came in the same week by mail, and went straight in because the quarantine "
                        + "tank was taken down. The tang rubbed itself from the fifth day on.",
                "Nothing goes in without thirty days of watching, however small the order. A tang that rubs itself is "
                        + "looked at the same day.");
    }

    private void fight(Story s, Came clark, Came clowns) {
        long o = s.numbers().get(clark);
        long i = s.numbers().get(clowns);
        List<Observation> lines = new ArrayList<>();
        for (int day : new int[] {127, 125, 122, 120}) {
            Instant began = at(day, LocalTime.of(18, 0));
            log.watched(s.tank(), began, began.plusSeconds(1200));
            lines.add(new Observation(began.plusSeconds(200), EventType.CHASED, i, o, 0.3, 0.3, 2, 2, "", null));
            lines.add(new Observation(began.plusSeconds(700), EventType.NIPPED, i, o, 0.3, 0.2, 2, 2, "", null));
        }
        lines.add(sign(121, EventType.TORN_FIN, o, "both sides"));
        sheets.write(s.tank(), lines, Steps.UNSEEN);
        ledger.remember(
                s.tank(),
                new LossReport(
                        o,
                        null,
                        1,
                        ago(clark.left()),
                        Left.RETURNED,
                        Cause.UNKNOWN,
                        Sure.GUESS,
                        null,
                        "back to where it came from, before it was too late",
                        null),
                false);
        long incident = incidents.open(s.tank(), "A third clownfish", IncidentKind.FIGHT, ago(120), o);
        incidents.told(
                s.tank(),
                incident,
                "A clownfish of another kind, so that there would be three. The pair drove it into a corner from the "
                        + "first evening on, and its fins were in shreds by the weekend.",
                "One pair of clownfish, and no third. I read what the plan says before the fish is in the tank.");
    }

    private Instant at(int daysAgo, LocalTime time) {
        return ago(daysAgo).atTime(time).atZone(clock.getZone()).toInstant();
    }

    private Observation sign(int daysAgo, EventType doing, Long who, String note) {
        return new Observation(
                at(daysAgo, LocalTime.of(19, 10)), doing, who, null, null, null, doing.gravity(), 1, note, null);
    }

    private void crew(OwnedTank tank) {
        long snails = crew.comes(tank, CrewKind.SNAILS, "turban snails", 20, 2.0, 2.5, ago(330));
        crew.counted(tank, snails, ago(220), 17, 0, "");
        crew.counted(tank, snails, ago(100), 15, 5, "five more, at night");
        crew.counted(tank, snails, ago(8), 14, 0, "three empty shells");
        long hermits = crew.comes(tank, CrewKind.HERMITS, "", 12, 1.5, 2.0, ago(330));
        crew.counted(tank, hermits, ago(100), 9, 0, "");
        crew.counted(tank, hermits, ago(8), 9, 0, "");
        long cleaners = crew.comes(tank, CrewKind.CLEANER_SHRIMP, "", 2, 5.0, 24.0, ago(200));
        crew.counted(tank, cleaners, ago(8), 2, 0, "");
        long small = crew.comes(tank, CrewKind.SMALL_SHRIMP, "sexy shrimp", 5, 2.0, 9.0, ago(160));
        crew.counted(tank, small, ago(90), 3, 0, "gone in twos since Inky came");
        crew.counted(tank, small, ago(8), 1, 0, "");
    }

    private LocalDate ago(int days) {
        return LocalDate.now(clock).minusDays(days);
    }
}
