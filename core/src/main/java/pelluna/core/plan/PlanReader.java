package pelluna.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.names.FishNames;
import pelluna.core.names.Resolution;
import pelluna.core.tank.Cover;
import pelluna.core.tank.ImpossibleTankException;
import pelluna.core.tank.Keeper;
import pelluna.core.tank.Pods;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.core.tank.TankShape;
import pelluna.core.units.Rounding;

/**
 * Reads the tree of a plan file (maps, lists, texts, numbers) into a {@link Plan}. Types and ranges are the business of
 * docs/plan.schema.json; here are names, dates and what must be true together.
 */
public final class PlanReader {
    /** A fish somewhat over the record of the books is believed. Pelluna's judgement. */
    static final double OVER_RECORD = 1.1;

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
     * @throws PlanException if a word, a species or a date is wrong
     */
    public Plan read(Map<String, Object> file, LocalDate today) {
        Branch root = new Branch("", file);
        LocalDate start = root.date("startOn", today);
        Stance stance = root.word(Stance.class, "stance", Stance.CUSTOMARY);
        List<WaterTest> tests = tests(root, start, today);
        Tank tank = tank(
                root.branch("tank"), start, latest(tests, WaterTest::nitrate), latest(tests, WaterTest::phosphate));
        List<Party> residents = new ArrayList<>();
        for (Branch b : root.branches("residents")) {
            residents.add(party(b, "r" + residents.size(), true, start, tank, today));
        }
        List<Party> wishes = new ArrayList<>();
        for (Branch b : root.branches("wishes")) {
            wishes.add(party(b, "w" + wishes.size(), false, start, tank, today));
        }
        return new Plan(tank, stance, start, residents, wishes, tests, fallow(root.branch("tank"), start));
    }

    private static List<WaterTest> tests(Branch root, LocalDate start, LocalDate today) {
        LocalDate latest = today.isAfter(start) ? today : start;
        List<WaterTest> tests = new ArrayList<>();
        for (Branch b : root.branches("tests")) {
            LocalDate on = b.date("on", start);
            if (on.isAfter(latest)) {
                throw new PlanException(b.at("on"), on.toString(), "a day on or before " + latest);
            }
            tests.add(new WaterTest(
                    on,
                    optional(b.number("ammonia")),
                    optional(b.number("nitrite")),
                    optional(b.number("nitrate")),
                    optional(b.number("pH")),
                    optional(b.number("phosphate")),
                    optional(b.number("feed"))));
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

    private static Optional<Fallow> fallow(Branch tank, LocalDate start) {
        if (!tank.has("fallow")) {
            return Optional.empty();
        }
        Branch b = tank.branch("fallow");
        LocalDate from = b.date("from", null);
        LocalDate until = b.date("until", start);
        if (from == null || !until.isAfter(from)) {
            throw new PlanException(
                    b.at("from"),
                    from == null ? "nothing" : from.toString(),
                    "a day before the restock begins, " + until);
        }
        return Optional.of(new Fallow(from, until));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private Tank tank(Branch b, LocalDate start, OptionalDouble latestNitrate, OptionalDouble latestPhosphate) {
        TankDraft draft = new TankDraft();
        draft.shape = b.word(TankShape.class, "shape", null);
        draft.lengthCm = b.number("lengthCm");
        draft.widthCm = b.number("widthCm");
        draft.waterHeightCm = b.number("waterHeightCm");
        draft.netLitres = b.number("netLitres");
        draft.runCm = b.number("runCm");
        draft.rockKg = b.number("rockKg");
        draft.sandDepthCm = b.number("sandDepthCm");
        draft.sumpLitres = b.number("sumpLitres");
        draft.hides = b.whole("hides");
        draft.cover = b.word(Cover.class, "cover", null);
        draft.cycledOn = b.date("cycledOn", null);
        draft.keeper = b.word(Keeper.class, "keeper", null);
        draft.keeps = b.has("keeps") ? b.words(ReefLife.class, "keeps") : null;
        Branch change = b.branch("waterChange");
        draft.waterChangePercent = change.number("percent");
        draft.waterChangeEveryDays = change.number("everyDays");
        draft.mealsADay = b.whole("mealsADay");
        draft.seaweed = b.flag("seaweed");
        draft.pods = b.word(Pods.class, "pods", null);
        draft.temperatureC = b.number("temperatureC");
        draft.salinity = b.number("salinity");
        draft.nitrate = b.number("nitrate");
        draft.phosphate = b.number("phosphate");
        draft.nitrateCeiling = b.number("nitrateCeiling");
        Branch quarantine = b.branch("quarantine");
        draft.quarantinePlaces = quarantine.whole("places");
        draft.school = quarantine.word(QuarantineSchool.class, "school", null);
        latestNitrate.ifPresent(level -> draft.nitrate = level);
        latestPhosphate.ifPresent(level -> draft.phosphate = level);
        if (b.has("fallow")) {
            draft.cycledOn = b.branch("fallow").date("until", start);
        }
        draft.scape = b.has("scape") ? new ScapeReader(draft).read(b.branch("scape")) : null;
        try {
            return draft.on(start);
        } catch (ImpossibleTankException e) {
            throw new PlanException(e.field(), e.found(), e.expected());
        }
    }

    private Party party(Branch b, String id, boolean resident, LocalDate start, Tank tank, LocalDate today) {
        Species species = species(b);
        Double length = b.number("lengthCm");
        double shop = species.usualShopCm();
        double usual = resident ? species.size().usualCm() : shop;
        if (length != null && length > species.size().recordCm() * OVER_RECORD) {
            throw new PlanException(
                    b.at("lengthCm"),
                    Rounding.text(length) + " cm",
                    "no more than the record of " + species.name() + ", "
                            + Rounding.text(species.size().recordCm()) + " cm");
        }
        LocalDate since = resident ? b.date("since", start) : start;
        if (since.isAfter(start)) {
            throw new PlanException(b.at("since"), since.toString(), "a day on or before the plan's start, " + start);
        }
        if (resident && b.has("since") && tank.ageKnown() && since.isBefore(tank.cycledOn())) {
            throw new PlanException(
                    b.at("since"), since.toString(), "a day on or after the end of the cycle, " + tank.cycledOn());
        }
        Integer count = b.whole("count");
        Integer want = b.whole("want");
        Hand hand = hand(b, start);
        Party party = new Party(
                        id,
                        species,
                        count == null ? 1 : count,
                        length == null ? usual : length,
                        start,
                        since,
                        resident ? 0 : want == null ? 3 : want,
                        Boolean.TRUE.equals(b.flag("captiveBred")))
                .by(hand)
                .seen(record(b));
        return new LengthsReader(start, today)
                .measured(resident && !b.has("since") ? party.undated() : party, b.branches("lengths"));
    }

    private static OwnRecord record(Branch b) {
        if (!b.has("record")) {
            return OwnRecord.NONE;
        }
        Branch r = b.branch("record");
        return new OwnRecord(r.whole("acts"), r.number("hours"), r.number("expected"));
    }

    private static LocalDate latest(LocalDate a, LocalDate b) {
        return a.isAfter(b) ? a : b;
    }

    /** A day that has passed counts as the plan's start: what was to happen is due. */
    private static Hand hand(Branch b, LocalDate start) {
        Integer place = b.whole("place");
        Integer together = b.whole("together");
        LocalDate on = b.date("on", null);
        LocalDate leaves = b.date("leavesOn", null);
        if (leaves != null && on != null && leaves.isBefore(on)) {
            throw new PlanException(b.at("leavesOn"), leaves.toString(), "a day after it comes, " + on);
        }
        Optional<Hand.Leaving> leaving = leaves == null
                ? Optional.empty()
                : Optional.of(new Hand.Leaving(latest(leaves, start), b.has("leavesWhy") ? b.text("leavesWhy") : ""));
        int group = Boolean.TRUE.equals(b.flag("alone")) ? Hand.ALONE : together == null ? 0 : together;
        return new Hand(
                place == null ? 0 : place,
                Boolean.TRUE.equals(b.flag("box")),
                Optional.ofNullable(on).map(day -> latest(day, start)),
                group,
                leaving,
                optional(b.number("price")),
                b.word(Risk.class, "risk", Risk.NONE));
    }

    private Species species(Branch b) {
        String name = b.text("species");
        return catalogue.find(name).orElseGet(() -> {
            Resolution meant = names().resolve(name);
            return meant.one().orElseThrow(() -> new UnclearNameException(b.at("species"), meant));
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
