package pelluna.core.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.ExponentialDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.hipparchus.stat.correlation.PearsonsCorrelation;
import org.hipparchus.stat.inference.ChiSquareTest;
import org.hipparchus.stat.inference.KolmogorovSmirnovTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Chance by keys: even, free of each other, the same everywhere. Significance at 1 in 1,000; seeds are fixed. */
class ChanceTest {
    private static final int MANY = 20_000;
    private static final double SELDOM = 0.001;
    /** What chance has for 1, 2, 3: reckoned in Python, from the definition of the finalizer. */
    private static final double PYTHON = 0.9752940455656787;

    private static final Chance CHANCE = Chance.seeded(7).in(3);

    @Test
    void theSameKeysGiveTheSameNumberOnEveryMachine() {
        assertThat(Chance.seeded(1).in(2).of(3))
                .isEqualTo(Chance.seeded(1).in(2).of(3));
        assertThat(Chance.seeded(1).in(2).of(3)).isEqualTo(PYTHON);
        assertThat(Chance.seeded(1).in(2).of(3))
                .isNotEqualTo(Chance.seeded(2).in(2).of(3));
        assertThat(Chance.seeded(1).in(2).of(3))
                .isNotEqualTo(Chance.seeded(1).in(3).of(2));
    }

    @Test
    void numbersAreEvenAndFreeOfTheirNeighbours() {
        double[] numbers = IntStream.range(0, MANY).mapToDouble(CHANCE::of).toArray();
        long[] tenths = new long[10];
        DoubleStream.of(numbers).forEach(u -> tenths[(int) (10 * u)]++);
        double[] even = new double[10];
        Arrays.fill(even, MANY / 10.0);
        assertThat(new ChiSquareTest().chiSquareTest(even, tenths)).isGreaterThan(SELDOM);
        double[] next =
                IntStream.range(0, MANY).mapToDouble(i -> CHANCE.of(i + 1)).toArray();
        double[] runs = IntStream.range(0, MANY)
                .mapToDouble(i -> Chance.seeded(7).in(4).of(i))
                .toArray();
        double[] keys = IntStream.range(0, MANY)
                .mapToDouble(i -> Chance.seeded(7).in(i).of(3))
                .toArray();
        for (double[] other : new double[][] {next, runs, keys}) {
            assertThat(new PearsonsCorrelation().correlation(numbers, other))
                    .isCloseTo(0, within(3.3 / Math.sqrt(MANY)));
        }
    }

    @Test
    void whatSomebodyStandsIsExponentialAndNormalIsNormal() {
        double[] stands = IntStream.range(0, 2000).mapToDouble(CHANCE::stands).toArray();
        double[] normal = IntStream.range(0, 2000).mapToDouble(CHANCE::normal).toArray();
        KolmogorovSmirnovTest test = new KolmogorovSmirnovTest();
        assertThat(test.kolmogorovSmirnovTest(new ExponentialDistribution(1), stands))
                .isGreaterThan(SELDOM);
        assertThat(test.kolmogorovSmirnovTest(new NormalDistribution(), normal)).isGreaterThan(SELDOM);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.4, 3})
    void countsAreThoseOfPoisson(double mean) {
        PoissonDistribution poisson = new PoissonDistribution(mean);
        int classes = (int) Math.ceil(mean + 2);
        long[] seen = new long[classes + 1];
        IntStream.range(0, MANY).forEach(i -> seen[Math.min(classes, CHANCE.count(mean, i))]++);
        double[] expected = new double[classes + 1];
        for (int n = 0; n < classes; n++) {
            expected[n] = MANY * poisson.probability(n);
        }
        expected[classes] = MANY * (1 - poisson.cumulativeProbability(classes - 1));
        assertThat(new ChiSquareTest().chiSquareTest(expected, seen)).isGreaterThan(SELDOM);
    }
}
