package pelluna.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.stat.correlation.SpearmansCorrelation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.plan.PlanReader;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/**
 * Residents ranked by how hard keepers find them on one newcomer (common practice), against what Pelluna computes:
 * Spearman's rank
 * correlation.
 */
@SuppressWarnings("unchecked")
class KeepersRanksTest {
    private static final LocalDate START = Plans.START;
    private static final double EATEN = 100;

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"keepers-ranks.yaml", "own-ranks.yaml"})
    void theOrderIsThatOfSeasonedKeepers(String file) throws Exception {
        Map<String, Object> ranking = read(file);
        Map<String, Object> newcomer = (Map<String, Object>) ranking.get("against");
        Map<String, Double> indices = new LinkedHashMap<>();
        List<Double> ranks = new ArrayList<>();
        ((Map<String, Number>) ranking.get("ranks")).forEach((species, rank) -> {
            indices.put(species, index(species, newcomer));
            ranks.add(rank.doubleValue());
        });
        double rho = new SpearmansCorrelation().correlation(array(ranks), array(new ArrayList<>(indices.values())));
        assertThat(rho).as("%s", indices).isGreaterThanOrEqualTo(0.9);
    }

    private static double[] array(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** The grown resident against the newcomer that comes last, and as much again where it eats it. */
    private static double index(String resident, Map<String, Object> newcomer) {
        double grown = Plans.species(resident).size().usualCm();
        Map<String, Object> tank = new LinkedHashMap<>(Map.of(
                "cycledOn", START.minusMonths(24).toString(), "keeper", "settled", "mealsADay", 2, "seaweed", true));
        tank.putAll(Map.of(
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
                "mesh"));
        Assessment a = new Assessor()
                .assess(new PlanReader(Plans.CATALOGUE)
                        .read(
                                PlanTree.file(Map.of(
                                        "startOn",
                                        START.toString(),
                                        "tank",
                                        tank,
                                        "residents",
                                        List.of(Map.of(
                                                "species",
                                                resident,
                                                "lengthCm",
                                                grown,
                                                "since",
                                                START.minusMonths(20).toString())),
                                        "wishes",
                                        List.of(newcomer))),
                                START));
        String name = (String) newcomer.get("species");
        double tension = a.tension().stream()
                .filter(t -> t.aggressor().species().scientificName().equals(resident))
                .findFirst()
                .orElseThrow()
                .index();
        return tension + (a.eaten().stream().anyMatch(e -> e.eaten().equals(name)) ? EATEN : 0);
    }

    private static Map<String, Object> read(String name) throws Exception {
        try (InputStream in = KeepersRanksTest.class.getResourceAsStream("/" + name)) {
            return (Map<String, Object>) new Load(LoadSettings.builder().build()).loadFromInputStream(in);
        }
    }
}
