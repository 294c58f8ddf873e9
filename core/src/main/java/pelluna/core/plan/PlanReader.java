package pelluna.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import pelluna.core.behaviour.Elsewhere;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.behaviour.SeenElsewhere;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.names.FishNames;
import pelluna.core.names.Resolution;
import pelluna.core.tank.ImpossibleTankException;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.core.units.Length;

/**
 * Reads a {@link PlanFile} into a {@link Plan}. Types and ranges are the business of docs/plan.schema.json; here are
 * names, dates and what must be true together.
 */
public final class PlanReader {
    /** A fish somewhat over the record of the books is believed. Pelluna's judgement. */
    static final double OVER_RECORD = 1.1;
    /** Stars of a wish that nobody gave any. */
    private static final int USUAL_WANT = 3;

    private final Catalogue catalogue;

    private FishNames names;

    public PlanReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    public PlanReader(Catalogue catalogue, FishNames names) {
        this.catalogue = catalogue;
        this.names = names;
    }

    /**
     * @param today the plan's start if the file names none
     * @throws PlanException if a species or a date is wrong
     */
    public Plan read(PlanFile file, LocalDate today) {
        LocalDate start = file.startOn() == null ? today : file.startOn();
        Stance stance = file.stance() == null ? Stance.CUSTOMARY : file.stance();
        List<WaterTest> tests = tests(file, start, today);
        Tank tank = tank(file.tank(), start, latest(tests, WaterTest::nitrate), latest(tests, WaterTest::phosphate));
        Elsewhere elsewhere = elsewhere(file.elsewhere());
        List<Party> residents = new ArrayList<>();
        for (FishFile f : file.residents()) {
            residents.add(
                    party(f, "residents", residents.size(), start, tank, today).knowing(elsewhere));
        }
        List<Party> wishes = new ArrayList<>();
        for (FishFile f : file.wishes()) {
            wishes.add(party(f, "wishes", wishes.size(), start, tank, today).knowing(elsewhere));
        }
        return new Plan(tank, stance, start, residents, wishes, tests, fallow(file.tank(), start));
    }

    private static List<WaterTest> tests(PlanFile file, LocalDate start, LocalDate today) {
        LocalDate latest = latest(today, start);
        List<WaterTest> tests = new ArrayList<>();
        for (TestFile t : file.tests()) {
            WaterTest test = t.test(start);
            if (test.on().isAfter(latest)) {
                throw new PlanException(
                        "tests[" + tests.size() + "].on",
                        new PlanFound.Text(test.on().toString()),
                        new PlanNeeds.DayUpTo(latest.toString()));
            }
            tests.add(test);
        }
        return tests;
    }

    /** The newest test stands over what the tank's figures say; of two of a day the one logged last. */
    private static OptionalDouble latest(List<WaterTest> tests, Function<WaterTest, OptionalDouble> figure) {
        return tests.stream()
                .filter(t -> figure.apply(t).isPresent())
                .reduce((a, b) -> b.on().isBefore(a.on()) ? a : b)
                .map(figure)
                .orElse(OptionalDouble.empty());
    }

    private static Optional<Fallow> fallow(TankFile tank, LocalDate start) {
        if (tank.fallow() == null) {
            return Optional.empty();
        }
        LocalDate from = tank.fallow().from();
        LocalDate until = fallowUntil(tank, start);
        if (from == null || !until.isAfter(from)) {
            throw new PlanException(
                    "tank.fallow.from",
                    from == null ? new PlanFound.Nothing() : new PlanFound.Text(from.toString()),
                    new PlanNeeds.BeforeRestock(until.toString()));
        }
        return Optional.of(new Fallow(from, until));
    }

    private static LocalDate fallowUntil(TankFile tank, LocalDate start) {
        return tank.fallow().until() == null ? start : tank.fallow().until();
    }

    private Tank tank(TankFile file, LocalDate start, OptionalDouble latestNitrate, OptionalDouble latestPhosphate) {
        TankDraft draft = new TankDraft();
        draft.shape = file.shape();
        draft.lengthCm = file.lengthCm();
        draft.widthCm = file.widthCm();
        draft.waterHeightCm = file.waterHeightCm();
        draft.netLitres = file.netLitres();
        draft.runCm = file.runCm();
        draft.rockKg = file.rockKg();
        draft.sandDepthCm = file.sandDepthCm();
        draft.sumpLitres = file.sumpLitres();
        draft.hides = file.hides();
        draft.cover = file.cover();
        draft.cycledOn = file.fallow() == null ? file.cycledOn() : fallowUntil(file, start);
        draft.keeper = file.keeper();
        draft.keeps = file.keeps() == null ? null : Set.copyOf(file.keeps());
        if (file.waterChange() != null) {
            draft.waterChangePercent = file.waterChange().percent();
            draft.waterChangeEveryDays = file.waterChange().everyDays();
        }
        draft.mealsADay = file.mealsADay();
        draft.seaweed = file.seaweed();
        draft.pods = file.pods();
        draft.temperatureC = file.temperatureC();
        draft.salinity = file.salinity();
        draft.nitrate = file.nitrate();
        draft.phosphate = file.phosphate();
        draft.nitrateCeiling = file.nitrateCeiling();
        if (file.quarantine() != null) {
            draft.quarantinePlaces = file.quarantine().places();
            draft.school = file.quarantine().school();
        }
        latestNitrate.ifPresent(level -> draft.nitrate = level);
        latestPhosphate.ifPresent(level -> draft.phosphate = level);
        draft.scape = file.scape() == null ? null : new ScapeReader(draft).read(file.scape());
        try {
            return draft.on(start);
        } catch (ImpossibleTankException e) {
            throw new PlanException(e.field(), e.found(), e.expected());
        }
    }

    /** @param list 'residents' or 'wishes' @param i the place in it */
    private Party party(FishFile f, String list, int i, LocalDate start, Tank tank, LocalDate today) {
        String at = list + "[" + i + "].";
        boolean resident = list.equals("residents");
        Species species = species(f.species(), at + "species");
        if (f.lengthCm() != null && f.lengthCm() > species.size().recordCm() * OVER_RECORD) {
            throw new PlanException(
                    at + "lengthCm",
                    new PlanFound.OfLength(new Length(f.lengthCm())),
                    new PlanNeeds.NotOverRecord(
                            species, new Length(species.size().recordCm())));
        }
        boolean dated = resident && f.since() != null;
        LocalDate since = dated ? since(f, at, start, tank) : start;
        double usual = !resident || dated
                ? grown(species, since, start)
                : species.size().usualCm();
        Party party = new Party(
                        (resident ? "r" : "w") + (f.row() == null ? i : f.row()),
                        species,
                        f.howMany(),
                        f.lengthCm() == null ? usual : f.lengthCm(),
                        start,
                        since,
                        resident ? 0 : f.want() == null ? USUAL_WANT : f.want(),
                        Boolean.TRUE.equals(f.captiveBred()))
                .by(hand(f, at, start))
                .seen(record(f));
        return new LengthsReader(start, today).measured(resident && !dated ? party.undated() : party, f, at);
    }

    /** A fish of which nobody said how long it is came as shops have it, and has grown since. */
    private static double grown(Species species, LocalDate since, LocalDate start) {
        return species.size().growth().lengthAfter(species.usualShopCm(), ChronoUnit.DAYS.between(since, start));
    }

    private static LocalDate since(FishFile f, String at, LocalDate start, Tank tank) {
        LocalDate since = f.since();
        if (since.isAfter(start)) {
            throw new PlanException(
                    at + "since", new PlanFound.Text(since.toString()), new PlanNeeds.UpToStart(start.toString()));
        }
        if (tank.ageKnown() && since.isBefore(tank.cycledOn())) {
            throw new PlanException(
                    at + "since",
                    new PlanFound.Text(since.toString()),
                    new PlanNeeds.AfterCycle(tank.cycledOn().toString()));
        }
        return since;
    }

    private static OwnRecord record(FishFile f) {
        FishFile.RecordFile r = f.record();
        return r == null ? OwnRecord.NONE : new OwnRecord(r.acts(), r.hours(), r.expected());
    }

    private static LocalDate latest(LocalDate a, LocalDate b) {
        return a.isAfter(b) ? a : b;
    }

    /** A day that has passed counts as the plan's start: what was to happen is due. */
    private static Hand hand(FishFile f, String at, LocalDate start) {
        if (f.leavesOn() != null && f.on() != null && f.leavesOn().isBefore(f.on())) {
            throw new PlanException(
                    at + "leavesOn",
                    new PlanFound.Text(f.leavesOn().toString()),
                    new PlanNeeds.AfterItComes(f.on().toString()));
        }
        Optional<Hand.Leaving> leaving = Optional.ofNullable(f.leavesOn())
                .map(day -> new Hand.Leaving(latest(day, start), f.leavesWhy() == null ? "" : f.leavesWhy()));
        int group = Boolean.TRUE.equals(f.alone()) ? Hand.ALONE : f.together() == null ? 0 : f.together();
        return new Hand(
                f.place() == null ? 0 : f.place(),
                Boolean.TRUE.equals(f.box()),
                Optional.ofNullable(f.on()).map(day -> latest(day, start)),
                group,
                leaving,
                f.price() == null ? OptionalDouble.empty() : OptionalDouble.of(f.price()),
                f.risk() == null ? Risk.NONE : f.risk());
    }

    private Elsewhere elsewhere(List<ElsewhereFile> files) {
        Map<String, Map<String, SeenElsewhere>> all = new HashMap<>();
        for (int i = 0; i < files.size(); i++) {
            ElsewhereFile f = files.get(i);
            String at = "elsewhere[" + i + "].";
            if (f.hard() > f.keepers()) {
                throw new PlanException(
                        at + "hard",
                        new PlanFound.Text(Integer.toString(f.hard())),
                        new PlanNeeds.UpToKeepers(f.keepers()));
            }
            all.computeIfAbsent(species(f.aggressor(), at + "aggressor").scientificName(), k -> new HashMap<>())
                    .put(
                            species(f.target(), at + "target").scientificName(),
                            new SeenElsewhere(
                                    f.keepers(), f.hard(), Math.min(f.keepers(), f.expected()), f.times(), f.weight()));
        }
        return new Elsewhere(all);
    }

    private Species species(String name, String field) {
        return catalogue.find(name).orElseGet(() -> {
            Resolution meant = names().resolve(name);
            return meant.one().orElseThrow(() -> new UnclearNameException(field, meant));
        });
    }

    /** Made when a name first needs it: most plans hold accepted names. */
    private FishNames names() {
        if (names == null) {
            names = new FishNames(catalogue);
        }
        return names;
    }
}
