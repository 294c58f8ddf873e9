package pelluna.core.losses;

import org.apache.commons.statistics.inference.FisherExactTest;

/** Whether two shares differ: exact test of a table of four (Fisher 1935), two-sided. */
public final class FisherExact {
    private FisherExact() {}

    /**
     * @return p, 0 to 1; 1 where one of the margins is empty
     * @throws IllegalArgumentException unless 0 ≤ hits ≤ of in both
     */
    public static double p(int hits1, int of1, int hits2, int of2) {
        if (hits1 < 0 || hits1 > of1 || hits2 < 0 || hits2 > of2) {
            throw new IllegalArgumentException(hits1 + " of " + of1 + ", " + hits2 + " of " + of2);
        }
        int hits = hits1 + hits2;
        if (of1 == 0 || of2 == 0 || hits == 0 || hits == of1 + of2) {
            return 1;
        }
        int[][] table = {{hits1, of1 - hits1}, {hits2, of2 - hits2}};
        return FisherExactTest.withDefaults().test(table).getPValue();
    }
}
