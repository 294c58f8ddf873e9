package pelluna.core.losses;

import org.hipparchus.distribution.discrete.HypergeometricDistribution;

/**
 * Whether two shares differ: exact test of a table of four (Fisher 1935), two-sided as the sum of all tables that are
 * no more likely than the one seen.
 */
public final class FisherExact {
    /** Tables as likely as the one seen, but for rounding, count with it. */
    private static final double ROUNDING = 1 + 1e-7;

    private FisherExact() {}

    /**
     * @return p, 0 to 1; 1 where one of the margins is empty
     * @throws IllegalArgumentException unless 0 ≤ hits ≤ of in both
     */
    public static double p(int hits1, int of1, int hits2, int of2) {
        if (hits1 < 0 || hits1 > of1 || hits2 < 0 || hits2 > of2) {
            throw new IllegalArgumentException(hits1 + " of " + of1 + ", " + hits2 + " of " + of2);
        }
        int all = of1 + of2;
        int hits = hits1 + hits2;
        if (of1 == 0 || of2 == 0 || hits == 0 || hits == all) {
            return 1;
        }
        HypergeometricDistribution tables = new HypergeometricDistribution(all, hits, of1);
        double likely = tables.probability(hits1) * ROUNDING;
        double sum = 0;
        for (int i = Math.max(0, hits - of2); i <= Math.min(hits, of1); i++) {
            double one = tables.probability(i);
            sum += one <= likely ? one : 0;
        }
        return Math.min(1, sum);
    }
}
