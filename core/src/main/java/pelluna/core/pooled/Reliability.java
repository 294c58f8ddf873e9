package pelluna.core.pooled;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.hipparchus.stat.interval.BinomialProportion;
import org.hipparchus.stat.interval.ConfidenceInterval;

/**
 * What was said held against what happened: how often it came to pass where it was said to be so likely, and how far
 * the sayings were off in all (Brier 1950), beside somebody who always says how often it happens on the whole.
 *
 * @param bins  from the least likely; those in which nothing was said are left out
 * @param of    how much was said
 * @param brier mean squared distance of what was said from what happened, 0 to 1, the less the better
 * @param base  the same of the share that happened on the whole
 */
public record Reliability(List<Bin> bins, int of, double brier, double base) {
    private static final int TENTHS = 10;
    private static final double CONFIDENCE = 0.95;

    /** @param chance 0 to 1 @param of how often it was said @param happened how often of these it came to pass */
    public record Said(double chance, int of, int happened) {
        public Said {
            if (!(chance >= 0 && chance <= 1) || of < 1 || happened < 0 || happened > of) {
                throw new IllegalArgumentException(chance + ": " + happened + " of " + of);
            }
        }
    }

    /**
     * Sayings of one tenth, as from 0.2 to 0.3.
     *
     * @param said     on average
     * @param happened share that came to pass, with its interval (Wilson 1927), 95 %
     */
    public record Bin(int of, double said, double happened, double low, double high) {}

    public static Reliability of(Collection<Said> all) {
        double[] said = new double[TENTHS];
        int[] of = new int[TENTHS];
        int[] happened = new int[TENTHS];
        double off = 0;
        int whole = 0;
        int came = 0;
        for (Said s : all) {
            int tenth = Math.min(TENTHS - 1, (int) (s.chance() * TENTHS));
            said[tenth] += s.of() * s.chance();
            of[tenth] += s.of();
            happened[tenth] += s.happened();
            off += s.happened() * square(1 - s.chance()) + (s.of() - s.happened()) * square(s.chance());
            whole += s.of();
            came += s.happened();
        }
        List<Bin> bins = new ArrayList<>();
        for (int i = 0; i < TENTHS; i++) {
            if (of[i] > 0) {
                bins.add(bin(of[i], said[i] / of[i], happened[i]));
            }
        }
        double share = whole == 0 ? 0 : (double) came / whole;
        return new Reliability(bins, whole, whole == 0 ? 0 : off / whole, share * (1 - share));
    }

    private static double square(double x) {
        return x * x;
    }

    private static Bin bin(int of, double said, int happened) {
        double share = (double) happened / of;
        ConfidenceInterval wilson = BinomialProportion.getWilsonScoreInterval(of, share, CONFIDENCE);
        return new Bin(of, said, share, wilson.getLowerBound(), wilson.getUpperBound());
    }

    /** How much better than the share on the whole: 1 for who always knows, 0 for no better, less for worse. */
    public double skill() {
        return base == 0 ? 0 : 1 - brier / base;
    }
}
