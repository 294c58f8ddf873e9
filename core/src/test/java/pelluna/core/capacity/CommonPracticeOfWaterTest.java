package pelluna.core.capacity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.outlook.WaterCourse;
import pelluna.core.outlook.WaterDay;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;
import pelluna.core.water.Ammonia;

/** Three tanks that keepers tell of, and what their tests read (common practice). */
class CommonPracticeOfWaterTest {
    private static Map<String, Object> tank(double length, double width, double height, Map<String, Object> more) {
        Map<String, Object> tank = new HashMap<>(Map.of(
                "lengthCm",
                length,
                "widthCm",
                width,
                "waterHeightCm",
                height,
                "cover",
                "mesh",
                "mealsADay",
                2,
                "cycledOn",
                Plans.START.minusMonths(30).toString(),
                "sandDepthCm",
                3,
                "keeps",
                List.of("soft-corals")));
        tank.putAll(more);
        return tank;
    }

    private static Map<String, Object> fish(String species, int count) {
        return Map.of(
                "species",
                species,
                "count",
                count,
                "lengthCm",
                Plans.species(species).size().usualCm(),
                "since",
                Plans.START.minusMonths(20).toString());
    }

    private static Plan plan(
            Map<String, Object> tank, List<Map<String, Object>> residents, List<Map<String, Object>> wishes) {
        return new PlanReader(Plans.CATALOGUE)
                .read(
                        PlanTree.file(Map.of(
                                "startOn",
                                Plans.START.toString(),
                                "tank",
                                tank,
                                "residents",
                                residents,
                                "wishes",
                                wishes)),
                        Plans.START);
    }

    @Test
    void threeSmallFishIn57LitresReadFiveToFifteenOfNitrate() {
        for (int percent : new int[] {10, 15}) {
            Plan plan = plan(
                    tank(61, 31, 30, Map.of("rockKg", 7, "waterChange", Map.of("percent", percent, "everyDays", 7))),
                    List.of(
                            fish("Amphiprion ocellaris", 1),
                            fish("Elacatinus oceanops", 1),
                            fish("Ecsenius stigmatura", 1)),
                    List.of());
            double level =
                    Waste.of(plan).nitrate(Waste.adultFeed(plan.residents())).steady();
            assertThat(level).as("%d %% a week", percent).isBetween(5.0, 15.0); // common practice
        }
    }

    @Test
    void eightGrownSurgeonfishAndTwentySmallFishFill1300Litres() {
        List<Map<String, Object>> fish = new ArrayList<>();
        for (String s : List.of(
                "Zebrasoma flavescens",
                "Zebrasoma xanthurum",
                "Zebrasoma desjardinii",
                "Paracanthurus hepatus",
                "Acanthurus leucosternon",
                "Acanthurus pyroferus",
                "Ctenochaetus strigosus",
                "Ctenochaetus tominiensis")) {
            fish.add(fish(s, 1));
        }
        fish.add(fish("Pseudanthias bartlettorum", 8));
        fish.add(fish("Chromis viridis", 6));
        List.of(
                        "Pseudocheilinus hexataenia",
                        "Halichoeres chrysus",
                        "Cirrhilabrus solorensis",
                        "Gramma loreto",
                        "Salarias fasciatus",
                        "Amphiprion ocellaris")
                .forEach(s -> fish.add(fish(s, 1)));
        Plan plan = plan(
                tank(
                        240,
                        80,
                        68,
                        Map.of(
                                "rockKg",
                                120,
                                "sumpLitres",
                                200,
                                "hides",
                                20,
                                "waterChange",
                                Map.of("percent", 10, "everyDays", 7),
                                "netLitres",
                                1300)),
                fish,
                List.of());
        Waste waste = Waste.of(plan);
        double feed = Waste.adultFeed(plan.residents());
        assertThat(waste.nitrate(feed).steady()).isCloseTo(15, within(4.0)); // common practice: about 15 mg/L
        assertThat(waste.phosphate(feed).steady()).isCloseTo(0.1, within(0.03)); // common practice: about 0.1 mg/L
        Capacity full = Capacity.of(plan, plan.residents());
        assertThat(full.lens(LensKind.WASTE).share())
                .as("its keeper calls it full")
                .isBetween(0.75, 1.3);
    }

    @Test
    void asManyFishAgainInOneDayPoisonsSomeWithinTwoWeeks() {
        Plan plan = plan(
                tank(75, 45, 45, Map.of("netLitres", 150, "hides", 12)),
                List.of(fish("Chrysiptera parasema", 10)),
                List.of(fish("Pomacentrus alleni", 10)));
        Schedule all = new Scheduler(plan, plan.wishes()).planned();
        LocalDate on = all.steps().get(0).releaseOn();
        WaterCourse course = WaterCourse.allInOneDay(plan, all, on.plusDays(30));
        WaterDay worst = course.worst(on, on.plusDays(14)).orElseThrow();
        assertThat(worst.toxic()).as("un-ionised ammonia, mg/L").isGreaterThan(3 * Ammonia.SAFE_TOXIC);
        WaterDay before = course.worst(on.minusDays(7), on.minusDays(1)).orElseThrow();
        assertThat(before.toxic()).isLessThan(Ammonia.SAFE_TOXIC);
        assertThat(course.thinnest(on, on.plusDays(14)).orElseThrow().oxygen())
                .as("and the oxygen goes with it")
                .isLessThan(before.oxygen() - 0.5);
    }

    @Test
    void nobodyDosesLessThanAPinch() {
        assertThat(Waste.putIn(0.001, 2)).isEqualTo(2 * Waste.PINCH_GRAMS);
        assertThat(Waste.putIn(10, 2)).isEqualTo(10 * Waste.PUT_IN);
        assertThat(Waste.putIn(0, 2)).isZero();
        Plan alone = plan(tank(40, 25, 22, Map.of()), List.of(fish("Elacatinus oceanops", 1)), List.of());
        Plan two = plan(tank(40, 25, 22, Map.of()), List.of(fish("Elacatinus oceanops", 2)), List.of());
        assertThat(Waste.of(alone).nitrate(Waste.adultFeed(alone.residents())).steady())
                .isEqualTo(
                        Waste.of(two).nitrate(Waste.adultFeed(two.residents())).steady());
    }
}
