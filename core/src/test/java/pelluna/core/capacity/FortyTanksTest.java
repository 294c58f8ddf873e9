package pelluna.core.capacity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.tank.TankDraft;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/**
 * Forty invented tanks of 20 to 2000 L, each filled with a community of its size, fish by fish, until all three limits
 * are reached: how
 * many fish each
 * of them lets in. They tell one story: within a factor of three, or it is said here why not.
 */
class FortyTanksTest {
    private static final double FACTOR = 3;
    private static final List<LensKind> LENSES = List.of(LensKind.LENGTH_RULE, LensKind.WASTE, LensKind.ROOM);
    private static final List<List<String>> BY_SIZE = List.of(
            List.of(
                    "Gobiodon okinawae",
                    "Elacatinus oceanops",
                    "Amphiprion ocellaris",
                    "Ecsenius bicolor",
                    "Stonogobiops nematodes",
                    "Wetmorella nigropinnata"),
            List.of(
                    "Gramma loreto",
                    "Amphiprion ocellaris",
                    "Cryptocentrus cinctus",
                    "Pseudocheilinus hexataenia",
                    "Sphaeramia nematoptera",
                    "Salarias fasciatus"),
            List.of(
                    "Centropyge bispinosa",
                    "Zebrasoma flavescens",
                    "Cirrhilabrus rubriventralis",
                    "Halichoeres chrysus",
                    "Pseudanthias squamipinnis",
                    "Salarias fasciatus"),
            List.of(
                    "Pseudanthias squamipinnis",
                    "Zebrasoma desjardinii",
                    "Chromis viridis",
                    "Siganus vulpinus",
                    "Centropyge loricula",
                    "Paracanthurus hepatus"));

    /** @param reef whether corals are kept, with a nitrate ceiling of 15 instead of 40 mg/L */
    record Invented(double litres, boolean reef) {
        @Override
        public String toString() {
            return Math.round(litres) + " L, " + (reef ? "reef" : "fish only");
        }

        private List<String> community() {
            return BY_SIZE.get(litres < 60 ? 0 : litres < 200 ? 1 : litres < 600 ? 2 : 3);
        }

        /** Twice as long as wide and high, with a hide for every 20 L up to twenty; a sump from 200 L on. */
        private Plan with(int fish, double ceiling) {
            double length = Math.cbrt(litres * 4000);
            Map<String, Object> tank = new HashMap<>(Map.of(
                    "lengthCm",
                    length,
                    "widthCm",
                    length / 2,
                    "waterHeightCm",
                    length / 2,
                    "rockKg",
                    0.12 * litres,
                    "sandDepthCm",
                    4,
                    "cycledOn",
                    Plans.START.minusYears(3).toString(),
                    "keeper",
                    "seasoned",
                    "mealsADay",
                    2));
            tank.put("waterChange", Map.of("percent", 10, "everyDays", 7));
            tank.put("nitrateCeiling", ceiling);
            tank.put("hides", (int) Math.max(3, Math.min(20, litres / 20)));
            if (litres > 200) {
                tank.put("sumpLitres", 0.2 * litres);
            }
            if (reef) {
                tank.put("keeps", List.of("soft-corals"));
            }
            List<Object> wishes = new ArrayList<>();
            IntStream.range(0, fish)
                    .forEach(i -> wishes.add(
                            Map.of("species", community().get(i % community().size()))));
            return new PlanReader(Plans.CATALOGUE)
                    .read(PlanTree.file(Map.of("tank", tank, "wishes", wishes)), Plans.START);
        }

        /** Fish that each limit lets in, parts of a fish counted, in the order of the lenses. */
        private double[] letIn(double ceiling) {
            double[] limits = new double[LENSES.size()];
            double[] before = new double[LENSES.size()];
            for (int n = 1; Arrays.stream(limits).anyMatch(l -> l == 0); n++) {
                Plan plan = with(n, ceiling);
                Capacity capacity = Capacity.of(plan, plan.wishes());
                for (int k = 0; k < limits.length; k++) {
                    double share = capacity.lens(LENSES.get(k)).share();
                    if (limits[k] == 0 && share > 1) {
                        limits[k] = Math.max(0.5, n - 1 + (1 - before[k]) / (share - before[k]));
                    }
                    before[k] = share;
                }
            }
            return limits;
        }
    }

    static List<Invented> forty() {
        return IntStream.range(0, 40)
                .mapToObj(i -> new Invented(20 * Math.pow(100, i / 39.0), i % 2 == 0))
                .toList();
    }

    private static double factor(double... limits) {
        return Arrays.stream(limits).max().orElseThrow()
                / Arrays.stream(limits).min().orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("forty")
    void theThreeLimitsTellOneStoryOrItIsSaidWhyNot(Invented tank) {
        double[] all = tank.letIn(tank.reef() ? TankDraft.REEF_NITRATE_CEILING : TankDraft.FISH_NITRATE_CEILING);
        if (factor(all) <= FACTOR) {
            return;
        }
        String found = tank + ": length " + all[0] + ", water " + all[1] + ", room " + all[2];
        if (!tank.reef()) {
            double[] asReef = tank.letIn(TankDraft.REEF_NITRATE_CEILING);
            assertThat(asReef[1])
                    .as("fish alone stand 40 instead of 15 mg/L, and that lets so many more in. " + found)
                    .isLessThan(all[1]);
            all = asReef;
        }
        double outer = all[0] / Math.min(all[1], all[2]);
        if (factor(all) > FACTOR && outer < 1) {
            assertThat(tank.litres())
                    .as("the length rule was made for tanks of some size: one inch to three gallons leaves little "
                            + "ones hardly a fish. "
                            + found)
                    .isLessThan(SMALL_LITRES);
            assertThat(factor(all[1], all[2]))
                    .as("water and room agree all the same. " + found)
                    .isLessThanOrEqualTo(FACTOR);
            return;
        }
        assertThat(factor(all)).as(found).isLessThanOrEqualTo(FACTOR);
    }

    /** Below this the length rule has no say: 20 US gallons. */
    private static final double SMALL_LITRES = 76;

    @Test
    void mostTanksNeedNoExcuse() {
        long agree = forty().stream()
                .filter(Invented::reef)
                .filter(t -> factor(t.letIn(TankDraft.REEF_NITRATE_CEILING)) <= FACTOR)
                .count();
        assertThat(agree).as("of twenty reef tanks").isGreaterThanOrEqualTo(14);
    }
}
