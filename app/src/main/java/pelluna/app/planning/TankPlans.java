package pelluna.app.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.livestock.Lives;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.livestock.PlannedFish;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planfile.EntryForm;
import pelluna.app.planfile.FileFound;
import pelluna.app.planfile.FileNeeds;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planfile.Problem;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.TankFigures;
import pelluna.app.tank.Tanks;
import pelluna.app.water.WaterTestEntity;
import pelluna.app.water.WaterTests;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.capacity.Waste;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.RecordFile;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TestFile;
import pelluna.core.units.Named;
import pelluna.core.units.Rounding;
import pelluna.words.Words;

/** From rows to a plan and back. Every tank is looked up together with the keeper whose request it is. */
@Service
public class TankPlans {
    private static final long NO_ROW = 0;

    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final Tanks tanks;
    private final Lives lives;
    private final WaterTests tests;
    private final PlanFiles files;
    private final KeeperCatalogue catalogue;
    private final OwnRecords records;
    private final OthersSaw others;
    private final RowsOfPlans rows;
    private final Assessments assessments;
    private final Clock clock;
    private final TransactionTemplate reading;

    TankPlans(
            CurrentKeeper keeper,
            Ownership ownership,
            Tanks tanks,
            Lives lives,
            WaterTests tests,
            PlanFiles files,
            KeeperCatalogue catalogue,
            OwnRecords records,
            OthersSaw others,
            RowsOfPlans rows,
            Assessments assessments,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.keeper = keeper;
        this.ownership = ownership;
        this.tanks = tanks;
        this.lives = lives;
        this.tests = tests;
        this.files = files;
        this.catalogue = catalogue;
        this.records = records;
        this.others = others;
        this.rows = rows;
        this.assessments = assessments;
        this.clock = clock;
        this.reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    /** The keeper's tanks, sandboxes left out. */
    public List<TankEntity> tanks() {
        return tanks.of(keeper.get().id()).stream()
                .filter(t -> t.sandboxOf() == null)
                .toList();
    }

    /** Its row. */
    public TankEntity tank(OwnedTank tank) {
        return tanks.of(tank);
    }

    /** The same, for what is asked of them. */
    public List<OwnedTank> owned() {
        return ownership.own();
    }

    /** The language and the units that the keeper reads. */
    public Words words() {
        return keeper.words();
    }

    /** A tank with what Pelluna says of it. Within a transaction that is found only when it is asked for. */
    public OpenTank open(OwnedTank tank) {
        return open(
                tank,
                known -> rows.of(tank, known, others.known(), today(), () -> read(tank, UnaryOperator.identity())));
    }

    /** The same as if it had one more wish, which has no row yet and stands last. */
    public OpenTank wishing(OwnedTank tank, FishFile wish) {
        roomFor(tank, "wishes");
        return open(tank, known -> read(tank, plan -> plan.alsoWishing(wish.numbered(NO_ROW))));
    }

    private OpenTank open(OwnedTank tank, Function<Catalogue, RowsOfPlans.Read> read) {
        OpenTank opened = reading.execute(status -> {
            Catalogue known = catalogue.get();
            RowsOfPlans.Read rows = read.apply(known);
            Answer answer = assessments.of(rows.seen(), known, today(), () -> files.plan(rows.seen(), today()));
            PlannedFish fish = rows.fish();
            return new OpenTank(
                    tank, rows.tank(), fish.residents(), fish.wishes(), rows.said(), answer, keeper.words());
        });
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            opened.answer().find();
        }
        return opened;
    }

    private RowsOfPlans.Read read(OwnedTank tank, UnaryOperator<PlanFile> more) {
        TankEntity row = tank(tank);
        PlannedFish fish = lives.planned(tank);
        PlanFile said = more.apply(file(row, fish));
        return new RowsOfPlans.Read(row, fish, said, seen(told(row, said.tested(tests(tank))), tank, fish.residents()));
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** The plan file of a tank, with what the log knows; every fish has the number of its row. */
    @Transactional(readOnly = true)
    public PlanFile file(OwnedTank tank) {
        TankEntity row = tank(tank);
        PlannedFish fish = lives.planned(tank);
        return seen(told(row, file(row, fish).tested(tests(tank))), tank, fish.residents());
    }

    /** Puts to a plan what other keepers saw of its species, unless its keeper has set that aside. */
    private PlanFile told(TankEntity tank, PlanFile file) {
        if (tank.withoutOthers()) {
            return file;
        }
        Set<String> species = Stream.concat(file.residents().stream(), file.wishes().stream())
                .map(FishFile::species)
                .collect(Collectors.toSet());
        return file.known(others.known().of(species));
    }

    /** Puts on every resident what the log knows of it, on top of what came with its plan file. */
    private PlanFile seen(PlanFile file, OwnedTank tank, List<LivestockEntity> living) {
        Map<Long, OwnRecord> seen = records.of(tank, () -> files.plan(file, today()), living);
        return file.eachResident(f -> seen.containsKey(f.row()) ? f.but(d -> add(d, seen.get(f.row()))) : f);
    }

    private static void add(FishFile.Draft fish, OwnRecord own) {
        RecordFile brought = fish.record == null ? new RecordFile(0, 0, 0) : fish.record;
        fish.record = new RecordFile(
                own.acts() + brought.acts(),
                Rounding.to(2, own.hours() + brought.hours()),
                Rounding.to(2, own.expected() + brought.expected()));
    }

    /** Logged tests of the water, in the order of their days. */
    @Transactional(readOnly = true)
    public List<TestFile> tests(OwnedTank tank) {
        return tests.of(tank).stream().map(WaterTestEntity::file).toList();
    }

    /**
     * Logs a test of the water.
     *
     * @throws PlanProblemsException if a figure is wrong
     */
    @Transactional
    public void test(OwnedTank tank, TestFile test) {
        checkTest(tank(tank), test);
        tests(tank, List.of(test));
    }

    /** @throws PlanProblemsException if a figure of a test is wrong */
    public void checkTest(TankEntity tank, TestFile test) {
        check(file(tank, PlannedFish.none()).tested(List.of(test)));
    }

    /** Logs tests that were checked before. */
    @Transactional
    public void tests(OwnedTank tank, List<TestFile> checked) {
        tests.log(tank, checked);
        if (!checked.isEmpty()) {
            remembersFeed(tank);
        }
    }

    /** Nitrate tests keep what the fish took on their day, for whoever leaves later takes its share out of the plan. */
    @Transactional
    public void remembersFeed(OwnedTank tank) {
        List<WaterTestEntity> open =
                tests.of(tank).stream().filter(WaterTestEntity::wantsFeed).toList();
        if (!open.isEmpty()) {
            List<Party> living = files.plan(
                            file(tank(tank), lives.planned(tank)).wishing(List.of()), today())
                    .residents();
            for (WaterTestEntity t : open) {
                double fed = Rounding.to(3, Waste.feed(living, t.takenOn()));
                if (fed > 0) {
                    t.cameFrom(fed);
                }
            }
            tests.save(open);
        }
    }

    /** Takes the newest test of the water back, as after a slip of the pen. */
    @Transactional
    public void takeBackTest(OwnedTank tank) {
        tests.takeBackNewest(tank);
    }

    /** A plan file from rows, without tests; every fish has the number of its row. */
    public static PlanFile file(TankEntity tank, PlannedFish fish) {
        return PlanFile.of(tank.name(), tank.figures().file())
                .with(Named.find(Stance.class, tank.stance()).orElse(null))
                .startingOn(tank.startOn())
                .living(fish.residents().stream().map(LivestockEntity::file).toList())
                .wishing(fish.wishes().stream().map(LivestockEntity::file).toList());
    }

    /**
     * Checks a plan as a whole: the schema, then names, dates and what must be true together.
     *
     * @throws PlanProblemsException with every field that is wrong
     */
    public Plan check(PlanFile file) {
        List<Problem> problems = files.problems(file);
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
        return files.plan(file, today());
    }

    /**
     * A fish as it was typed for a tank.
     *
     * @throws PlanProblemsException with every field that is wrong
     */
    public FishFile typed(OwnedTank tank, EntryForm entry) {
        return entry.fish(files, bare(tank));
    }

    /** Adds a wish to a tank. */
    @Transactional
    public Long addWish(OwnedTank tank, FishFile wish) {
        roomFor(tank, "wishes");
        String name = files.plan(bare(tank).wishing(List.of(wish)), today())
                .wishes()
                .get(0)
                .species()
                .scientificName();
        return lives.wish(tank, name, wish).id();
    }

    /** Adds a resident to a tank. */
    @Transactional
    public Long addResident(OwnedTank tank, FishFile resident) {
        roomFor(tank, "residents");
        String name = files.plan(bare(tank).living(List.of(resident)), today())
                .residents()
                .get(0)
                .species()
                .scientificName();
        return lives.resident(tank, name, resident).id();
    }

    /** The plan of a tank without any fish. */
    private PlanFile bare(OwnedTank tank) {
        return file(tank(tank), PlannedFish.none());
    }

    private void roomFor(OwnedTank tank, String list) {
        int there = lives.planned(tank).size();
        if (there >= PlanFiles.MOST_FISH) {
            throw new PlanProblemsException(List.of(
                    new Problem(list, new FileFound.TooMany(there), new FileNeeds.AtMostTakeOff(PlanFiles.MOST_FISH))));
        }
    }

    /** Lays a plan file down as a new tank of this keeper. */
    @Transactional
    public TankEntity bringIn(PlanFile file) {
        return lay(tank(keeper.get().id(), file), file);
    }

    /**
     * Lays it down as a what-if copy, in the name of the tank's owner, whoever tries things out.
     *
     * @param base the plan that it is copied from
     */
    @Transactional
    public TankEntity copy(OwnedTank of, PlanFile file, PlanFile base) {
        TankEntity copy = tank(of.owner(), file);
        copy.copies(of.id(), base);
        copy.leavesOthersAside(tank(of).withoutOthers());
        return lay(copy, file);
    }

    private TankEntity tank(long owner, PlanFile file) {
        return new TankEntity(
                owner,
                file.name() == null ? keeper.words().text("page.planning.broughtIn") : file.name(),
                TankFigures.of(file.tank()));
    }

    private TankEntity lay(TankEntity tank, PlanFile file) {
        PlanFiles.notTooMany(file);
        check(file);
        tank.plans(file);
        tanks.save(tank);
        OwnedTank owned = ownership.tank(tank.id());
        tests.log(owned, file.tests());
        file.residents().forEach(f -> lives.resident(owned, accepted(f), f));
        file.wishes().forEach(f -> lives.wish(owned, accepted(f), f));
        return tank;
    }

    private String accepted(FishFile fish) {
        return catalogue.names().resolve(fish.species()).one().orElseThrow().scientificName();
    }
}
