package pelluna.app.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.exchange.PlanFiles;
import pelluna.app.exchange.PlanProblemsException;
import pelluna.app.exchange.Problem;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.Residents;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.TankFigures;
import pelluna.app.tank.Tanks;
import pelluna.app.water.WaterTestEntity;
import pelluna.app.water.WaterTests;
import pelluna.app.wishes.WishEntity;
import pelluna.app.wishes.Wishes;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.words.Measures;
import pelluna.words.Words;

/** From rows to a plan and back. Every tank is looked up together with the keeper whose request it is. */
@Service
public class PlanDesk {
    private final CurrentKeeper keeper;
    private final Tanks tanks;
    private final Residents residents;
    private final Wishes wishes;
    private final WaterTests tests;
    private final PlanFiles files;
    private final KeeperCatalogue catalogue;
    private final OwnRecords records;
    private final Assessments assessments;
    private final Clock clock;

    PlanDesk(
            CurrentKeeper keeper,
            Tanks tanks,
            Residents residents,
            Wishes wishes,
            WaterTests tests,
            PlanFiles files,
            KeeperCatalogue catalogue,
            OwnRecords records,
            Assessments assessments,
            Clock clock) {
        this.keeper = keeper;
        this.tanks = tanks;
        this.residents = residents;
        this.wishes = wishes;
        this.tests = tests;
        this.files = files;
        this.catalogue = catalogue;
        this.records = records;
        this.assessments = assessments;
        this.clock = clock;
    }

    /** The keeper's tanks, sandboxes left out. */
    public List<TankEntity> tanks() {
        return tanks.findByKeeperIdOrderById(keeper.get().id()).stream()
                .filter(t -> t.sandboxOf() == null)
                .toList();
    }

    /** @throws NoSuchTankException if this keeper has no such tank */
    public TankEntity tank(long id) {
        return tanks.findByIdAndKeeperId(id, keeper.get().id()).orElseThrow(NoSuchTankException::new);
    }

    /** The language and the units that the keeper reads. */
    public Words words() {
        return keeper.get().words();
    }

    @Transactional(readOnly = true)
    public Desk open(long id) {
        TankEntity tank = tank(id);
        List<ResidentEntity> living = residents.findByTankIdOrderById(id);
        List<WishEntity> wished = wishes.findByTankIdOrderById(id);
        Words say = keeper.get().words();
        Map<String, Object> tree = seen(tested(tree(tank, living, wished), id), id, living);
        Assessments.Kept kept = assessments.of(tree, catalogue.get(), today(), () -> files.plan(tree, today()));
        return new Desk(tank, living, wished, kept.plan(), kept.assessment(), say, kept.ahead());
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** The plan file of a tank. */
    @Transactional(readOnly = true)
    public Map<String, Object> tree(long id) {
        List<ResidentEntity> living = residents.findByTankIdOrderById(id);
        return seen(tested(tree(tank(id), living, wishes.findByTankIdOrderById(id)), id), id, living);
    }

    /** Puts on every resident what the log knows of it, on top of what came with its plan file. */
    private Map<String, Object> seen(Map<String, Object> tree, long id, List<ResidentEntity> living) {
        Map<Long, OwnRecord> seen = records.of(id, () -> files.plan(tree, today()), living);
        List<Map<String, Object>> entries = PlanSteps.entries(tree, "residents");
        for (int i = 0; i < living.size(); i++) {
            OwnRecord own = seen.get(living.get(i).id());
            if (own != null) {
                Map<?, ?> brought =
                        entries.get(i).get("record") instanceof Map<?, ?> m ? m : ResidentEntity.record(0, 0, 0);
                entries.get(i)
                        .put(
                                "record",
                                ResidentEntity.record(
                                        own.acts() + ((Number) brought.get("acts")).intValue(),
                                        Measures.round(own.hours() + ((Number) brought.get("hours")).doubleValue(), 2),
                                        Measures.round(
                                                own.expected() + ((Number) brought.get("expected")).doubleValue(), 2)));
            }
        }
        return tree;
    }

    private Map<String, Object> tested(Map<String, Object> tree, long id) {
        List<Map<String, Object>> logged = tests(id);
        if (!logged.isEmpty()) {
            tree.put("tests", logged);
        }
        return tree;
    }

    /** Logged tests of the water as entries of a plan file, in the order of their days. */
    @Transactional(readOnly = true)
    public List<Map<String, Object>> tests(long id) {
        return tests.findByTankIdOrderByTakenOnAscIdAsc(tank(id).id()).stream()
                .map(WaterTestEntity::tree)
                .toList();
    }

    /**
     * Logs a test of the water.
     *
     * @param entry as in the plan file
     * @throws PlanProblemsException if a figure is wrong
     */
    @Transactional
    public void test(long id, Map<String, Object> entry) {
        checkTest(tank(id), entry);
        tests(id, List.of(entry));
    }

    /** @throws PlanProblemsException if a figure of a test is wrong */
    public void checkTest(TankEntity tank, Map<String, Object> entry) {
        Map<String, Object> tree = tree(tank, List.of(), List.of());
        tree.put("tests", List.of(entry));
        check(tree);
    }

    /** Logs tests that were checked before. */
    @Transactional
    public void tests(long id, List<Map<String, Object>> entries) {
        long tank = tank(id).id();
        tests.saveAll(entries.stream().map(e -> new WaterTestEntity(tank, e)).toList());
        if (!entries.isEmpty()) {
            remembersFeed(id);
        }
    }

    /** Nitrate tests keep what the fish took on their day, for whoever leaves later takes its share out of the plan. */
    @Transactional
    public void remembersFeed(long id) {
        List<WaterTestEntity> open = tests.findByTankIdOrderByTakenOnAscIdAsc(tank(id).id()).stream()
                .filter(WaterTestEntity::wantsFeed)
                .toList();
        if (!open.isEmpty()) {
            List<Party> living = files.plan(tree(tank(id), residents.findByTankIdOrderById(id), List.of()), today())
                    .residents();
            for (WaterTestEntity t : open) {
                double fed = Measures.round(Waste.feed(living, t.takenOn()), 3);
                if (fed > 0) {
                    t.cameFrom(fed);
                }
            }
            tests.saveAll(open);
        }
    }

    /** Takes the newest test of the water back, as after a slip of the pen. */
    @Transactional
    public void takeBackTest(long id) {
        List<WaterTestEntity> logged = tests.findByTankIdOrderByTakenOnAscIdAsc(tank(id).id());
        if (!logged.isEmpty()) {
            tests.delete(logged.get(logged.size() - 1));
        }
    }

    public static Map<String, Object> tree(TankEntity tank, List<ResidentEntity> living, List<WishEntity> wished) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("pelluna", 1);
        tree.put("name", tank.name());
        tree.put("stance", tank.stance());
        if (tank.startOn() != null) {
            tree.put("startOn", tank.startOn().toString());
        }
        tree.put("tank", tank.figures().tree());
        tree.put("residents", living.stream().map(ResidentEntity::tree).toList());
        tree.put("wishes", wished.stream().map(WishEntity::tree).toList());
        return tree;
    }

    /**
     * Checks a tree as a whole: the schema, then names, dates and what must be true together.
     *
     * @throws PlanProblemsException with every field that is wrong
     */
    public Plan check(Map<String, Object> tree) {
        List<Problem> problems = files.problems(tree);
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
        return files.plan(tree, today());
    }

    /** Adds one resident or wish to a tank; {@code list} is 'residents' or 'wishes'. */
    @Transactional
    public Long add(long id, String list, Map<String, Object> entry) {
        TankEntity tank = tank(id);
        boolean wish = list.equals("wishes");
        int there = wishes.findByTankIdOrderById(id).size()
                + residents.findByTankIdOrderById(id).size();
        if (there >= PlanFiles.MOST_FISH) {
            throw new PlanProblemsException(List.of(new Problem(
                    list,
                    there + " residents and wishes",
                    "no more than " + PlanFiles.MOST_FISH + "; take some off first")));
        }
        Map<String, Object> tree = tree(tank, List.of(), List.of());
        tree.put(list, List.of(entry));
        Plan plan = check(tree);
        String name = (wish ? plan.wishes() : plan.residents()).get(0).species().scientificName();
        return wish
                ? wishes.save(new WishEntity(id, name, entry)).id()
                : residents.save(new ResidentEntity(id, name, entry)).id();
    }

    /** Lays a checked plan file down as a new tank of this keeper. */
    @Transactional
    public TankEntity bringIn(Map<String, Object> tree) {
        PlanFiles.notTooMany(tree);
        check(tree);
        @SuppressWarnings("unchecked")
        Map<String, Object> figures = (Map<String, Object>) tree.get("tank");
        TankEntity tank = new TankEntity(
                keeper.get().id(), tree.getOrDefault("name", "Brought in").toString(), TankFigures.ofTree(figures));
        tank.takeStance(tree.getOrDefault("stance", "customary").toString());
        tank.startsOn(
                tree.get("startOn") == null
                        ? null
                        : LocalDate.parse(tree.get("startOn").toString()));
        tanks.saveAndFlush(tank);
        PlanSteps.entries(tree, "tests").forEach(e -> tests.save(new WaterTestEntity(tank.id(), e)));
        PlanSteps.entries(tree, "residents")
                .forEach(e -> residents.save(new ResidentEntity(tank.id(), accepted(e), e)));
        PlanSteps.entries(tree, "wishes").forEach(e -> wishes.save(new WishEntity(tank.id(), accepted(e), e)));
        return tank;
    }

    private String accepted(Map<String, Object> entry) {
        return catalogue
                .names()
                .resolve(entry.get("species").toString())
                .one()
                .orElseThrow()
                .scientificName();
    }
}
