package pelluna.core.odds;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.stat.correlation.SpearmansCorrelation;
import org.junit.jupiter.api.Test;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/** Twenty plans that keepers would rank from safe to hopeless (odds-ranks.yaml), against their odds. */
@SuppressWarnings("unchecked")
class KeepersOddsTest {
    private static final int RUNS = 400;
    private static final long SEED = 20;

    @Test
    void plansStandInTheOrderOfSeasonedKeepers() throws Exception {
        Map<String, Object> file = read();
        Map<String, Map<String, Object>> tanks = (Map<String, Map<String, Object>>) file.get("tanks");
        List<Map<String, Object>> plans = (List<Map<String, Object>>) file.get("plans");
        double[] ranks = new double[plans.size()];
        double[] bad = new double[plans.size()];
        List<String> said = new ArrayList<>();
        for (int i = 0; i < ranks.length; i++) {
            Map<String, Object> of = plans.get(i);
            Odds odds = Player.ofWishes(plan(of, tanks), Rates.USUAL, SEED).play(RUNS);
            ranks[i] = ((Number) of.get("rank")).doubleValue();
            bad[i] = -odds.allWell().get(Months.ALL) - odds.allWell().get(Months.SIX) / 100;
            said.add(of.get("why") + " " + odds.allWell() + " " + odds.range().get(24));
        }
        double rho = new SpearmansCorrelation().correlation(ranks, bad);
        assertThat(rho).as("%s", said).isGreaterThanOrEqualTo(0.85);
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

    private static Map<String, Object> read() throws Exception {
        try (InputStream in = KeepersOddsTest.class.getResourceAsStream("/odds-ranks.yaml")) {
            return (Map<String, Object>) new Load(LoadSettings.builder().build()).loadFromInputStream(in);
        }
    }
}
