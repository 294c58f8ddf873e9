package pelluna.core.testing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;

/** Plans for tests, written as a keeper would: a tank that has everything, changed where the test needs it. */
public final class Plans {
    public static final LocalDate START = LocalDate.of(2027, 3, 1);
    public static final Catalogue CATALOGUE = Catalogue.shipped();

    private final Map<String, Object> tank = new HashMap<>(Map.of(
            "lengthCm",
            180,
            "widthCm",
            70,
            "waterHeightCm",
            60,
            "netLitres",
            650,
            "hides",
            9,
            "sandDepthCm",
            6,
            "cover",
            "mesh",
            "cycledOn",
            START.minusMonths(24).toString(),
            "keeper",
            "seasoned"));
    private final Map<String, Object> file = new HashMap<>(Map.of("startOn", START.toString()));
    private final List<Object> residents = new ArrayList<>();
    private final List<Object> wishes = new ArrayList<>();

    private Plans() {
        tank.putAll(Map.of("mealsADay", 4, "seaweed", true, "pods", "plenty"));
    }

    public static Plans sixFeet() {
        return new Plans();
    }

    public Plans with(String figure, Object value) {
        tank.put(figure, value);
        return this;
    }

    public Plans without(String figure) {
        tank.remove(figure);
        return this;
    }

    public Plans head(String field, Object value) {
        file.put(field, value);
        return this;
    }

    public Plans resident(String species, int count, double lengthCm) {
        residents.add(Map.of("species", species, "count", count, "lengthCm", lengthCm));
        return this;
    }

    public Plans resident(String species, LocalDate since) {
        residents.add(Map.of("species", species, "count", 1, "since", since.toString()));
        return this;
    }

    public Plans wish(String species) {
        return wish(species, 1, 3);
    }

    public Plans wish(String species, int count, int want) {
        wishes.add(Map.of("species", species, "count", count, "want", want));
        return this;
    }

    public Map<String, Object> tree() {
        Map<String, Object> tree = new HashMap<>(file);
        tree.put("tank", tank);
        tree.put("residents", residents);
        tree.put("wishes", wishes);
        return tree;
    }

    public Plan plan() {
        return new PlanReader(CATALOGUE).read(PlanTree.file(tree()), START);
    }

    public static Species species(String name) {
        return CATALOGUE.find(name).orElseThrow();
    }

    public static Party party(String name, double lengthCm) {
        return new Party("p-" + name, species(name), 1, lengthCm, START, START, 3, false);
    }
}
