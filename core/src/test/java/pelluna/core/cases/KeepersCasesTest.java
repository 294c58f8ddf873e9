package pelluna.core.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Tension;
import pelluna.core.testing.PlanTree;
import pelluna.core.units.Named;
import pelluna.core.units.Step;

/** What seasoned keepers say about whole plans (common practice), each case a test of its own. */
@SuppressWarnings("unchecked")
class KeepersCasesTest {
    private static final LocalDate START = LocalDate.of(2027, 3, 1);
    private final Catalogue catalogue = Catalogue.shipped();

    @TestFactory
    Stream<DynamicTest> seasonedKeepersAgree() throws Exception {
        return Stream.concat(cases("/keepers-cases.yaml"), cases("/keepers-cases-2.yaml"));
    }

    private Stream<DynamicTest> cases(String name) throws Exception {
        try (InputStream in = getClass().getResourceAsStream(name)) {
            Map<String, Object> file =
                    (Map<String, Object>) new Load(LoadSettings.builder().build()).loadFromInputStream(in);
            Map<String, Object> tanks = (Map<String, Object>) file.get("tanks");
            return ((List<Map<String, Object>>) file.get("cases"))
                    .stream().map(c -> dynamicTest((String) c.get("name"), () -> check(c, tanks)));
        }
    }

    private void check(Map<String, Object> c, Map<String, Object> tanks) {
        Assessment a = assess(c, tanks, Map.of());
        Map<String, Object> expect = (Map<String, Object>) c.get("expect");
        list(expect, "tension")
                .forEach(e -> assertThat(index(a, e).step())
                        .as(
                                "%s presses %s at %s: %s",
                                e.get("aggressor"),
                                e.get("target"),
                                index(a, e).index(),
                                index(a, e).reasons())
                        .isBetween(low(e), high(e)));
        list(expect, "sieve").forEach(e -> sieve(a, e));
        list(expect, "eaten").forEach(e -> eaten(a, e));
        ((Map<String, List<String>>) expect.getOrDefault("outcome", Map.of())).forEach((species, outcomes) -> {
            Verdict v = verdict(a, species);
            assertThat(v.outcome().word())
                    .as("%s %s %s", species, v.fitsIf(), v.findings())
                    .isIn(outcomes);
        });
        ((List<List<String>>) expect.getOrDefault("order", List.of()))
                .forEach(order -> assertThat(order(a)).containsSubsequence(order));
        if (expect.containsKey("compare")) {
            compare(a, c, tanks, (Map<String, Object>) expect.get("compare"));
        }
    }

    private void compare(Assessment a, Map<String, Object> c, Map<String, Object> tanks, Map<String, Object> compare) {
        Assessment other = assess(c, tanks, (Map<String, Object>) compare.get("against"));
        Map<String, Object> e = (Map<String, Object>) compare.get("tension");
        if (e.get("is").equals("lower")) {
            assertThat(index(a, e).index()).isLessThan(index(other, e).index());
        } else {
            assertThat(index(a, e).index()).isGreaterThan(index(other, e).index());
        }
    }

    private static void sieve(Assessment a, Map<String, Object> e) {
        Verdict v = verdict(a, (String) e.get("species"));
        Step worst = v.findings().stream()
                .filter(f -> f.rule().word().equals(e.get("rule")))
                .filter(f -> !e.containsKey("kind") || f.has().word().equals(e.get("kind")))
                .map(Finding::step)
                .max(Step::compareTo)
                .orElse(Step.CALM);
        assertThat(worst).as("%s: %s", e, v.findings()).isBetween(low(e), high(e));
    }

    private static void eaten(Assessment a, Map<String, Object> e) {
        Optional<Eaten> found = a.eaten().stream()
                .filter(x -> x.eater().species().scientificName().equals(e.get("eater"))
                        && x.eaten().equals(e.get("eaten")))
                .findFirst();
        assertThat(found).as("%s eats %s", e.get("eater"), e.get("eaten")).isPresent();
        assertThat(found.orElseThrow().from().equals(START)).isEqualTo(e.get("now"));
    }

    private static Tension index(Assessment a, Map<String, Object> e) {
        return a.tension().stream()
                .filter(t -> t.aggressor().species().scientificName().equals(e.get("aggressor"))
                        && t.target().species().scientificName().equals(e.get("target")))
                .findFirst()
                .orElseThrow();
    }

    private static Verdict verdict(Assessment a, String species) {
        return a.sieve().stream()
                .filter(v -> v.wish().species().scientificName().equals(species))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> order(Assessment a) {
        return a.arrivals().steps().stream()
                .flatMap(s -> s.arrival().parties().stream())
                .map(p -> p.species().scientificName())
                .toList();
    }

    private static Step low(Map<String, Object> e) {
        return Named.find(Step.class, ((String) e.get("step")).split("\\.\\.")[0])
                .orElseThrow();
    }

    private static Step high(Map<String, Object> e) {
        return Named.find(Step.class, ((String) e.get("step")).split("\\.\\.")[1])
                .orElseThrow();
    }

    private static List<Map<String, Object>> list(Map<String, Object> map, String key) {
        return (List<Map<String, Object>>) map.getOrDefault(key, List.of());
    }

    private Assessment assess(Map<String, Object> c, Map<String, Object> tanks, Map<String, Object> changed) {
        Map<String, Object> merged = new HashMap<>(c);
        merged.putAll(changed);
        Map<String, Object> tank = new HashMap<>(Map.of(
                "cycledOn",
                START.minusMonths(24).toString(),
                "keeper",
                "settled",
                "mealsADay",
                2,
                "seaweed",
                true,
                "pods",
                "some",
                "temperatureC",
                25.5,
                "salinity",
                35));
        tank.putAll((Map<String, Object>) tanks.get((String) c.get("tank")));
        Map<String, Object> with = (Map<String, Object>) merged.getOrDefault("with", Map.of());
        tank.putAll(with);
        if (tank.remove("cycledMonthsBefore") instanceof Integer months) {
            tank.put("cycledOn", START.minusMonths(months).toString());
        }
        Map<String, Object> file = new HashMap<>();
        file.put("startOn", START.toString());
        file.put("tank", tank);
        file.put("residents", new ArrayList<>(list(merged, "residents")));
        file.put("wishes", new ArrayList<>(list(merged, "wishes")));
        Plan plan = new PlanReader(catalogue).read(PlanTree.file(file), START);
        return new Assessor().assess(plan);
    }
}
