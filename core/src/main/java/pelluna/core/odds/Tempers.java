package pelluna.core.odds;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.distribution.continuous.GammaDistribution;
import pelluna.core.behaviour.OwnRecord;

/**
 * How much harder or milder than its kind a fish is: Gamma with a mean of 1, as wide as what has been seen of it leaves
 * it; see {@link OwnRecord}. By a table of quantiles, made once for each width.
 */
final class Tempers {
    private static final int STEPS = 1024;

    private final Map<Double, double[]> tables = new ConcurrentHashMap<>();

    double of(Fish fish, Chance luck) {
        double shape = OwnRecord.K + fish.of().own().acts();
        double[] table = tables.computeIfAbsent(shape, Tempers::table);
        return table[(int) (STEPS * luck.of(Draw.TEMPER.ordinal()))];
    }

    private static double[] table(double shape) {
        GammaDistribution gamma = new GammaDistribution(shape, 1 / shape);
        double[] table = new double[STEPS];
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            table[i] = gamma.inverseCumulativeProbability((i + 0.5) / STEPS);
            sum += table[i];
        }
        for (int i = 0; i < STEPS; i++) {
            table[i] *= STEPS / sum;
        }
        return table;
    }
}
