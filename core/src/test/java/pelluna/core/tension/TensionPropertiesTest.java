package pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.tension.Encounter.Order;
import pelluna.core.testing.Plans;
import pelluna.core.units.Step;

/** What must hold for any two fish in any tank, on generated cases with fixed seeds. */
class TensionPropertiesTest {
    private static final int CASES = 400;

    private static Encounter any(SplittableRandom random) {
        List<Species> all = Plans.CATALOGUE.all();
        Species a = all.get(random.nextInt(all.size()));
        Species b = all.get(random.nextInt(all.size()));
        Surroundings tank = new Surroundings(
                random.nextDouble(30, 3000),
                random.nextDouble(30, 400),
                random.nextInt(0, 20),
                random.nextInt(1, 6),
                random.nextBoolean());
        return new Encounter(
                party(a, random),
                random.nextDouble(2, 40),
                party(b, random),
                random.nextDouble(2, 40),
                Order.values()[random.nextInt(3)],
                tank,
                random.nextBoolean(),
                random.nextDouble());
    }

    private static Party party(Species s, SplittableRandom random) {
        return new Party(
                "x" + random.nextInt(), s, random.nextInt(1, 7), 5, Plans.START, Plans.START, 3, random.nextBoolean());
    }

    private static Encounter in(Encounter e, Surroundings tank) {
        return new Encounter(
                e.aggressor(), e.aggressorCm(), e.target(), e.targetCm(), e.order(), tank, e.boxed(), e.overlap());
    }

    @RepeatedTest(5)
    void moreRoomMoreHidesOrMoreMealsNeverRaiseIt(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        for (int i = 0; i < CASES; i++) {
            Encounter e = any(random);
            Surroundings t = e.tank();
            double now = Tension.index(e);
            assertThat(Tension.index(in(
                            e, new Surroundings(t.litres() * 1.7, t.runCm(), t.hides(), t.mealsADay(), t.seaweed()))))
                    .isLessThanOrEqualTo(now + 1e-9);
            assertThat(Tension.index(in(
                            e, new Surroundings(t.litres(), t.runCm() * 1.7, t.hides(), t.mealsADay(), t.seaweed()))))
                    .isLessThanOrEqualTo(now + 1e-9);
            assertThat(Tension.index(
                            in(e, new Surroundings(t.litres(), t.runCm(), t.hides() + 1, t.mealsADay(), t.seaweed()))))
                    .isLessThanOrEqualTo(now + 1e-9);
            assertThat(Tension.index(
                            in(e, new Surroundings(t.litres(), t.runCm(), t.hides(), t.mealsADay() + 1, true))))
                    .isLessThanOrEqualTo(now + 1e-9);
        }
    }

    @RepeatedTest(5)
    void whoeverComesLaterPressesLess(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(100 + run.getCurrentRepetition());
        for (int i = 0; i < CASES; i++) {
            Encounter e = any(random);
            double first = Tension.index(ordered(e, Order.AGGRESSOR_FIRST));
            double together = Tension.index(ordered(e, Order.TOGETHER));
            double later = Tension.index(ordered(e, Order.TARGET_FIRST));
            assertThat(first).isGreaterThanOrEqualTo(together);
            assertThat(together).isGreaterThanOrEqualTo(later);
        }
    }

    @RepeatedTest(5)
    void aLargerAggressorPressesMoreAndABoxNeverHurts(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(200 + run.getCurrentRepetition());
        for (int i = 0; i < CASES; i++) {
            Encounter e = any(random);
            Encounter larger = new Encounter(
                    e.aggressor(),
                    e.aggressorCm() * 1.3,
                    e.target(),
                    e.targetCm(),
                    e.order(),
                    e.tank(),
                    e.boxed(),
                    e.overlap());
            assertThat(Tension.index(larger)).isGreaterThanOrEqualTo(Tension.index(e) - 1e-9);
            Encounter boxed = new Encounter(
                    e.aggressor(), e.aggressorCm(), e.target(), e.targetCm(), e.order(), e.tank(), true, e.overlap());
            Encounter open = new Encounter(
                    e.aggressor(), e.aggressorCm(), e.target(), e.targetCm(), e.order(), e.tank(), false, e.overlap());
            assertThat(Tension.index(boxed)).isLessThanOrEqualTo(Tension.index(open));
        }
    }

    @RepeatedTest(3)
    void theIndexStaysWithinItsScaleAndNeedsADriver(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(300 + run.getCurrentRepetition());
        for (int i = 0; i < CASES; i++) {
            Encounter e = any(random);
            double index = Tension.index(e);
            assertThat(index).isBetween(0.0, 100.0);
            boolean driven = Drivers.ALL.stream().anyMatch(d -> d.pull(e) > 0);
            assertThat(index > 0).isEqualTo(driven);
        }
    }

    @Test
    void everyWeightIsAShareSoThatADriverMoreNeverLowersIt() {
        assertThat(Drivers.ALL).allSatisfy(d -> assertThat(d.weight()).isBetween(0.0, 1.0));
        assertThat(Drivers.ALL).extracting(Driver::force).doesNotHaveDuplicates();
    }

    @Test
    void keepersAskInTheOrderOfTheWeights() {
        // common practice: same species, then same genus, then same shape, then same food or place
        List<Double> weights = Drivers.ALL.stream().limit(4).map(Driver::weight).toList();
        assertThat(weights).isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    void stepsChangeAtTheirBounds() {
        assertThat(Tension.stepOf(19.9)).isEqualTo(Step.CALM);
        assertThat(Tension.stepOf(20)).isEqualTo(Step.RIPPLE);
        assertThat(Tension.stepOf(45)).isEqualTo(Step.CHOP);
        assertThat(Tension.stepOf(70)).isEqualTo(Step.SURGE);
    }

    @Test
    void aFinNipperGoesForLongFins() {
        Encounter e = new Encounter(
                Plans.party("Canthigaster valentini", 8),
                8,
                Plans.party("Heniochus acuminatus", 8),
                8,
                Order.TOGETHER,
                new Surroundings(650, 180, 9, 2, true),
                false,
                1);
        assertThat(Tension.of(e).reasons()).extracting(r -> r.force().word()).contains("fin nipping");
    }

    @Test
    void sixOfAKindShareTheAttention() {
        Encounter one = new Encounter(
                Plans.party("Pictichromis paccagnellae", 6),
                6,
                Plans.party("Chromis viridis", 5),
                5,
                Order.AGGRESSOR_FIRST,
                new Surroundings(300, 120, 5, 2, true),
                false,
                1);
        Party six = new Party("six", Plans.species("Chromis viridis"), 6, 5, Plans.START, Plans.START, 3, false);
        Encounter shoal = new Encounter(one.aggressor(), 6, six, 5, one.order(), one.tank(), false, 1);
        assertThat(Tension.index(shoal)).isLessThan(Tension.index(one));
    }

    private static Encounter ordered(Encounter e, Order order) {
        return new Encounter(
                e.aggressor(), e.aggressorCm(), e.target(), e.targetCm(), order, e.tank(), e.boxed(), e.overlap());
    }
}
