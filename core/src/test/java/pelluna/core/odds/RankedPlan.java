package pelluna.core.odds;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/** One of the plans of odds-ranks.yaml. @param rank from 1, safe, to 20, hopeless */
@SuppressWarnings("unchecked")
record RankedPlan(double rank, String why, Plan plan) {
    static List<RankedPlan> all() {
        Map<String, Object> file = read();
        Map<String, Map<String, Object>> tanks = (Map<String, Map<String, Object>>) file.get("tanks");
        return ((List<Map<String, Object>>) file.get("plans"))
                .stream()
                        .map(p -> new RankedPlan(
                                ((Number) p.get("rank")).doubleValue(), (String) p.get("why"), plan(p, tanks)))
                        .toList();
    }

    private static Plan plan(Map<String, Object> of, Map<String, Map<String, Object>> tanks) {
        Map<String, Object> tank = new LinkedHashMap<>(
                Map.of("cycledOn", Plans.START.minusMonths(12).toString(), "mealsADay", 2));
        tank.putAll(tanks.get((String) of.get("tank")));
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("tank", tank);
        tree.put("residents", of.getOrDefault("residents", List.of()));
        tree.put("wishes", of.get("wishes"));
        tree.put("startOn", Plans.START.toString());
        return new PlanReader(Plans.CATALOGUE).read(PlanTree.file(tree), Plans.START);
    }

    private static Map<String, Object> read() {
        try (InputStream in = RankedPlan.class.getResourceAsStream("/odds-ranks.yaml")) {
            return (Map<String, Object>) new Load(LoadSettings.builder().build()).loadFromInputStream(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
