package pelluna.core.odds;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.util.FastMath;

/**
 * Chance by keys instead of by turns: the same seed and keys give the same number, whatever else was asked, on every
 * machine. So two plans that differ in one fish meet the same luck in all others (common random numbers). Mixing by the
 * finalizer of SplitMix64 (Steele, Lea and Flood 2014).
 */
final class Chance {
    private static final long GOLDEN = 0x9E3779B97F4A7C15L;
    private static final double UNIT = 0x1.0p-53;
    private static final int MOST = 200;
    private static final NormalDistribution STANDARD = new NormalDistribution();

    private final long key;

    private Chance(long key) {
        this.key = key;
    }

    static Chance seeded(long seed) {
        return new Chance(mix(seed + GOLDEN));
    }

    /** That of one run, one fish, one process. */
    Chance in(long part) {
        return new Chance(mix(key ^ mix(part * GOLDEN + 1)));
    }

    /** Above 0, below 1, even. */
    double of(long what) {
        return ((mix(key ^ mix(what * GOLDEN + 2)) >>> 11) + 0.5) * UNIT;
    }

    /** Exponential with a mean of 1: how much risk somebody stands before it happens. */
    double stands(long what) {
        return -FastMath.log(of(what));
    }

    /** Of the standard normal distribution. */
    double normal(long what) {
        return STANDARD.inverseCumulativeProbability(of(what));
    }

    /** How many of something with this mean, by inversion; at most {@value #MOST}. */
    int count(double mean, long what) {
        double u = of(what);
        if (u <= 1 - mean) {
            return 0; // for e^−m is never below 1 − m
        }
        double p = FastMath.exp(-mean);
        double sum = p;
        int n = 0;
        while (u > sum && n < MOST) {
            n++;
            p *= mean / n;
            sum += p;
        }
        return n;
    }

    private static long mix(long z) {
        long a = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        long b = (a ^ (a >>> 27)) * 0x94D049BB133111EBL;
        return b ^ (b >>> 31);
    }
}
