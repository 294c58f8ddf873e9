package pelluna.core.arrivals;

import java.util.Arrays;

/**
 * The order of arrival as numbers. The price of an order is the sum of {@code price[v][u]} over all pairs with v before u.
 *
 * <p>Precedence: an arrival with an earliest day may come next once what is in the tank has taken that long; if nothing
 * may, the one that is ready first comes next. What is in the tank by when depends on the set alone, so that the rule is
 * the same for every solver.
 *
 * @param price    price of v before u in thousandths of tension, ties in the low bits; see {@link Prices}
 * @param earliest days from the start before which an arrival may not go in
 * @param gap      days after an arrival before the next
 */
public record OrderProblem(long[][] price, int[] earliest, int[] gap) {
    public int size() {
        return gap.length;
    }

    /** The price of a whole order; O(n²). */
    public long priceOf(int[] order) {
        long sum = 0;
        for (int j = 1; j < order.length; j++) {
            for (int i = 0; i < j; i++) {
                sum += price[order[i]][order[j]];
            }
        }
        return sum;
    }

    /** Days after the start at which the next arrival could go in, from what is in: the sum of its gaps, or its latest. */
    static int readyDay(int sumOfGaps, int latest) {
        return Math.max(sumOfGaps, latest);
    }

    /** Whether every step of an order keeps the precedence; O(n²). */
    public boolean keepsPrecedence(int[] order) {
        int gaps = 0;
        int latest = 0;
        for (int i = 0; i < order.length; i++) {
            int ready = readyDay(gaps, latest);
            int first = Arrays.stream(order, i, order.length).map(u -> earliest[u]).min().orElse(0);
            if (earliest[order[i]] > Math.max(ready, first)) {
                return false;
            }
            gaps += gap[order[i]];
            latest = Math.max(latest, earliest[order[i]] + gap[order[i]]);
        }
        return true;
    }
}
