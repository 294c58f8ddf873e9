package pelluna.core.behaviour;

import org.hipparchus.distribution.continuous.GammaDistribution;
import pelluna.core.units.Hours;
import pelluna.core.units.Rounding;
import pelluna.core.units.Statement;

/**
 * What one fish has been seen to do, against what the model expects of its kind: Gamma–Poisson with k = {@value #K},
 * so that the
 * multiplier is m = (k + y) ÷ (k + e) for y acts seen where e were expected. With few hours m stays near 1.
 *
 * @param acts     seen in watches, done by this fish
 * @param hours    watched
 * @param expected acts that the model expects in these hours
 */
public record OwnRecord(int acts, double hours, double expected) {
    /** How much is held to the kind: as if two acts had been expected and seen already. Pelluna's judgement. */
    public static final double K = 2;

    public static final OwnRecord NONE = new OwnRecord(0, 0, 0);
    /**
     * Acts an hour at a tension of 100; the rate goes with the index. Pelluna's judgement, to be refitted as logs come
     * in.
     */
    private static final double MOST_AN_HOUR = 10;
    /** One in ten presses less than the lower end of a spread, one in ten more than its upper. */
    private static final double TAIL = 0.1;
    /** With so many acts, the prior's counted, individuals are known to about a third. Pelluna's judgement. */
    private static final double ENOUGH = 20;
    /** From this share on the multiplier is worth a word. */
    private static final double WORTH_A_WORD = 0.15;

    public OwnRecord {
        if (acts < 0 || !(hours >= 0) || !(expected >= 0) || Double.isInfinite(hours + expected)) {
            throw new IllegalArgumentException("acts, hours and expected are 0 or more");
        }
    }

    /** Acts an hour that the model expects at a tension, 0 to 100. */
    public static double rate(double index) {
        return MOST_AN_HOUR * index / 100;
    }

    public double multiplier() {
        return (K + acts) / (K + expected);
    }

    /**
     * How far individuals differ: eight in ten press between these times the expected, by the Gamma distribution that
     * the record
     * leaves.
     */
    public record Spread(double low, double high) {}

    /** By quantiles of Gamma(k + y, k + e) against its mean; it narrows with every act that is seen. */
    public Spread spread() {
        GammaDistribution left = new GammaDistribution(K + acts, 1 / (K + expected));
        return new Spread(
                left.inverseCumulativeProbability(TAIL) / multiplier(),
                left.inverseCumulativeProbability(1 - TAIL) / multiplier());
    }

    /** Whether so little has been seen that one figure says too much. */
    public boolean thin() {
        return K + acts < ENOUGH;
    }

    public boolean known() {
        return hours > 0;
    }

    /** Whether it changes what is said of the fish. */
    public boolean tells() {
        return known() && Math.abs(multiplier() - 1) >= WORTH_A_WORD;
    }

    /** How it presses, held against its kind. */
    public enum Presses {
        HARDER,
        AS_ITS_KIND,
        LESS
    }

    public Presses presses() {
        return multiplier() > 1 + WORTH_A_WORD
                ? Presses.HARDER
                : multiplier() < 1 - WORTH_A_WORD ? Presses.LESS : Presses.AS_ITS_KIND;
    }

    /** What has been seen of it. */
    public SeenOfIt seen() {
        return new SeenOfIt(presses(), acts, new Hours(hours), Rounding.to(expected < 10 ? 1 : 0, expected));
    }

    /** @param expected acts that the model expects of its kind */
    public record SeenOfIt(Presses presses, int acts, Hours watched, double expected) implements Statement {}
}
