package pelluna.core.behaviour;

import org.apache.commons.statistics.inference.BinomialTest;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * Whether two Poisson rates differ: given all acts of both stretches, those of the second are binomial with share
 * hours2 ÷ (hours1 +
 * hours2) if the rates are the same; exact conditional test (Przyborowski &amp; Wilenski 1940), two-sided as the sum
 * of all outcomes
 * that are no more likely than the one seen. Interval of the ratio from the exact interval of the share (Clopper &amp;
 * Pearson 1934).
 *
 * @param ratio second rate ÷ first rate; infinite if nothing was seen in the first, NaN if in neither
 * @param low   lower end of the interval; 0 if nothing was seen in the second
 * @param high  upper end; infinite if nothing was seen in the first
 * @param p     two-sided, 0 to 1
 */
public record RateRatio(double ratio, double low, double high, double p) {
    /** Of the interval. */
    public static final double CONFIDENCE = 0.95;

    /** @throws IllegalArgumentException if either stretch was not watched at all */
    public static RateRatio of(Stretch first, Stretch second) {
        if (first.hours() <= 0 || second.hours() <= 0) {
            throw new IllegalArgumentException("both stretches need hours");
        }
        int n = first.acts() + second.acts();
        int k = second.acts();
        double share = second.hours() / (first.hours() + second.hours());
        double tail = (1 - CONFIDENCE) / 2;
        double low = k == 0 ? 0 : new BetaDistribution(k, n - k + 1.0).inverseCumulativeProbability(tail);
        double high = k == n ? 1 : new BetaDistribution(k + 1.0, n - k).inverseCumulativeProbability(1 - tail);
        double hours = first.hours() / second.hours();
        return new RateRatio(
                n == 0 ? Double.NaN : first.acts() == 0 ? Double.POSITIVE_INFINITY : second.rate() / first.rate(),
                n == 0 ? 0 : odds(low) * hours,
                n == 0 ? Double.POSITIVE_INFINITY : odds(high) * hours,
                twoSided(n, k, share));
    }

    private static double odds(double share) {
        return share >= 1 ? Double.POSITIVE_INFINITY : share / (1 - share);
    }

    private static double twoSided(int n, int k, double share) {
        return n == 0 ? 1 : BinomialTest.withDefaults().test(n, k, share).getPValue();
    }
}
