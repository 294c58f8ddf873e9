package pelluna.core.losses;

import org.hipparchus.distribution.continuous.BetaDistribution;
import pelluna.core.units.Statement;

/**
 * So many of so many, with the exact interval of the share behind it (Clopper &amp; Pearson 1934), 95 %.
 *
 * @param hits 0 to {@code of}
 * @param low  0 to 1; with nobody, the interval is all of it
 */
public record Share(int hits, int of, double low, double high) {
    private static final double TAIL = 0.025;

    /** @throws IllegalArgumentException unless 0 ≤ hits ≤ of */
    public static Share of(int hits, int of) {
        if (hits < 0 || hits > of) {
            throw new IllegalArgumentException(hits + " of " + of);
        }
        double low = hits == 0 ? 0 : new BetaDistribution(hits, of - hits + 1.0).inverseCumulativeProbability(TAIL);
        double high =
                hits == of ? 1 : new BetaDistribution(hits + 1.0, of - hits).inverseCumulativeProbability(1 - TAIL);
        return new Share(hits, of, of == 0 ? 0 : low, of == 0 ? 1 : high);
    }

    /** NaN of nobody. */
    public double value() {
        return of == 0 ? Double.NaN : (double) hits / of;
    }

    /** The share with its interval, in percent; {@code any} unless of nobody. */
    public Counted counted() {
        return new Counted(hits, of, of > 0, Math.round(100 * value()), Math.round(100 * low), Math.round(100 * high));
    }

    /** @param any whether there is a share at all */
    public record Counted(int hits, int of, boolean any, long percent, long low, long high) implements Statement {}
}
