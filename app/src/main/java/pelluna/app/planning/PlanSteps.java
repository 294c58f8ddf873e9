package pelluna.app.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.ownword.KeeperCatalogue;
import pelluna.app.tank.ResidentEntity;
import pelluna.app.tank.Residents;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.TankEntry;
import pelluna.app.tank.TankFigures;
import pelluna.app.tank.Tanks;
import pelluna.app.wishes.WishEntity;
import pelluna.app.wishes.Wishes;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Changes to a whole plan that can be taken back. A plan is kept as its plan file, with the number of its row on every
 * fish, so that what comes back is the same fish.
 */
@Service
public class PlanSteps {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String ROW = "row";
    /** Steps that are remembered for a tank. */
    private static final int MOST = 30;

    private final PlanDesk desks;
    private final Tanks tanks;
    private final Residents residents;
    private final Wishes wishes;
    private final KeeperCatalogue catalogue;
    private final PlanStepRows steps;

    PlanSteps(
            PlanDesk desks,
            Tanks tanks,
            Residents residents,
            Wishes wishes,
            KeeperCatalogue catalogue,
            PlanStepRows steps) {
        this.desks = desks;
        this.tanks = tanks;
        this.residents = residents;
        this.wishes = wishes;
        this.catalogue = catalogue;
        this.steps = steps;
    }

    /**
     * Changes a plan and remembers how it was.
     *
     * @param said what is done, as 'rock moved'
     * @param edit changes the tree of the plan file
     * @throws pelluna.app.exchange.PlanProblemsException if the plan would not hold; nothing is changed then
     */
    @Transactional
    public void change(long id, String said, Consumer<Map<String, Object>> edit) {
        String before = text(id);
        Map<String, Object> tree = read(before);
        edit.accept(tree);
        lay(id, tree);
        String after = text(id);
        if (!after.equals(before)) {
            steps.save(new PlanStepEntity(id, said, before, after));
            List<PlanStepEntity> all = steps.findByTankIdOrderByIdDesc(id);
            steps.deleteAll(all.subList(Math.min(MOST, all.size()), all.size()));
        }
    }

    /** Changes a plan because something happened: no step, for no undo can take it back. */
    @Transactional
    public void happens(long id, Consumer<Map<String, Object>> edit) {
        Map<String, Object> tree = read(text(id));
        edit.accept(tree);
        lay(id, tree);
    }

    /** What was done last, if it can still be taken back: not after a change by another way. */
    @Transactional(readOnly = true)
    public Optional<String> last(long id) {
        return steps.findFirstByTankIdOrderByIdDesc(desks.tank(id).id())
                .filter(s -> s.after().equals(text(id)))
                .map(PlanStepEntity::said);
    }

    /**
     * Takes the last step back. @return what was taken back; empty if the plan has been changed by another way since
     */
    @Transactional
    public Optional<String> undo(long id) {
        Optional<PlanStepEntity> last = steps.findFirstByTankIdOrderByIdDesc(
                        desks.tank(id).id())
                .filter(s -> s.after().equals(text(id)));
        last.ifPresent(step -> {
            lay(id, read(step.before()));
            steps.delete(step);
        });
        return last.map(PlanStepEntity::said);
    }

    /** The plan as text. Two plans with the same text are the same. */
    @Transactional(readOnly = true)
    public String text(long id) {
        TankEntity tank = desks.tank(id);
        List<ResidentEntity> living = residents.findByTankIdOrderById(id);
        List<WishEntity> wished = wishes.findByTankIdOrderById(id);
        Map<String, Object> tree = PlanDesk.tree(tank, living, wished);
        tree.put("residents", living.stream().map(PlanSteps::numbered).toList());
        tree.put("wishes", wished.stream().map(PlanSteps::numbered).toList());
        return JSON.writeValueAsString(tree);
    }

    /** A short mark of a plan, so that a button works only on the plan for which it was made. */
    @Transactional(readOnly = true)
    public String mark(long id) {
        String text = text(id);
        return Integer.toHexString(text.hashCode()) + Integer.toHexString(text.length());
    }

    public static Map<String, Object> read(String text) {
        return JSON.readValue(text, new TypeReference<LinkedHashMap<String, Object>>() {});
    }

    private static Map<String, Object> numbered(TankEntry entry) {
        Map<String, Object> tree = entry.tree();
        tree.put(ROW, entry.id());
        return tree;
    }

    /** Puts a tree in the place of what a tank's plan was; its name stays. */
    private void lay(long id, Map<String, Object> tree) {
        TankEntity tank = desks.tank(id);
        Map<String, Object> plain = new LinkedHashMap<>(tree);
        plain.put("residents", unnumbered(tree, "residents"));
        plain.put("wishes", unnumbered(tree, "wishes"));
        desks.check(plain);
        @SuppressWarnings("unchecked")
        Map<String, Object> figures = (Map<String, Object>) tree.get("tank");
        tank.measures(TankFigures.ofTree(figures));
        tank.takeStance(tree.getOrDefault("stance", "customary").toString());
        tank.startsOn(
                tree.get("startOn") == null
                        ? null
                        : LocalDate.parse(tree.get("startOn").toString()));
        tanks.saveAndFlush(tank);
        layList(
                residents,
                residents.findByTankIdOrderById(id),
                entries(tree, "residents"),
                (name, e) -> new ResidentEntity(id, name, e));
        layList(
                wishes,
                wishes.findByTankIdOrderById(id),
                entries(tree, "wishes"),
                (name, e) -> new WishEntity(id, name, e));
    }

    private <E extends TankEntry> void layList(
            JpaRepository<E, Long> rows,
            List<E> there,
            List<Map<String, Object>> wanted,
            BiFunction<String, Map<String, Object>, E> fresh) {
        List<E> left = new ArrayList<>(there);
        for (Map<String, Object> entry : wanted) {
            String name = catalogue
                    .get()
                    .find(entry.get("species").toString())
                    .orElseThrow()
                    .scientificName();
            Optional<E> row = there.stream()
                    .filter(e -> entry.get(ROW) instanceof Number n && Objects.equals(e.id(), n.longValue()))
                    .findFirst();
            row.ifPresentOrElse(
                    e -> {
                        e.become(name, entry);
                        rows.save(e);
                        left.remove(e);
                    },
                    () -> rows.save(fresh.apply(name, entry)));
        }
        rows.deleteAll(left);
        rows.flush();
    }

    private static List<Map<String, Object>> unnumbered(Map<String, Object> tree, String list) {
        return entries(tree, list).stream()
                .map(e -> e.entrySet().stream()
                        .filter(x -> !x.getKey().equals(ROW))
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                Map.Entry::getValue,
                                (a, b) -> a,
                                LinkedHashMap<String, Object>::new)))
                .map(m -> (Map<String, Object>) m)
                .toList();
    }

    @SuppressWarnings("unchecked")
    public static List<Map<String, Object>> entries(Map<String, Object> tree, String list) {
        return (List<Map<String, Object>>) tree.getOrDefault(list, List.of());
    }
}
