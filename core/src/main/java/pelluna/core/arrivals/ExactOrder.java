package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;

/**
 * The best order by dynamic programming over subsets (Held &amp; Karp 1962, for the linear ordering problem): the state is
 * the set of arrivals in the tank. Up to {@value #MOST} arrivals; O(2^n · n) time, O(2^n) memory. Days by the keeper's hand make
 * the way to a set matter as well; {@link PinnedOrder} is for those.
 */
public final class ExactOrder {
    public static final int MOST = 20;

    private ExactOrder() { }

    /** @throws IllegalArgumentException beyond {@value #MOST} arrivals */
    public static Order solve(OrderProblem p) {
        int n = p.size();
        if (n > MOST) {
            throw new IllegalArgumentException(n + " arrivals are more than " + MOST);
        }
        if (p.pins().days()) {
            return PinnedOrder.solve(p);
        }
        int half = n / 2;
        long[][] low = halfSums(p, 0, half);
        long[][] high = halfSums(p, half, n);
        int all = (1 << n) - 1;
        long[] best = new long[all + 1];
        byte[] last = new byte[all + 1];
        OrderProblem.Tally[] tallies = new OrderProblem.Tally[all + 1];
        int[] out = new int[n];
        Arrays.fill(best, Long.MAX_VALUE);
        best[0] = 0;
        tallies[0] = OrderProblem.Tally.EMPTY;
        for (int set = 0; set < all; set++) {
            if (best[set] == Long.MAX_VALUE) {
                continue;
            }
            int count = 0;
            for (int left = all & ~set; left != 0; left &= left - 1) {
                out[count++] = Integer.numberOfTrailingZeros(left);
            }
            count = p.next(tallies[set], out, count);
            for (int i = 0; i < count; i++) {
                int u = out[i];
                long price = best[set] + low[u][set & ((1 << half) - 1)] + high[u][set >>> half];
                int next = set | 1 << u;
                if (price < best[next]) {
                    best[next] = price;
                    last[next] = (byte) u;
                }
                if (tallies[next] == null) {
                    tallies[next] = tallies[set].with(p, u);
                }
            }
            tallies[set] = null;
        }
        int[] sequence = new int[n];
        for (int i = n - 1, set = all; i >= 0; i--) {
            sequence[i] = last[set];
            set &= ~(1 << last[set]);
        }
        return new Order(sequence, best[all], best[all], true);
    }

    static BitSet bits(int set) {
        return BitSet.valueOf(new long[] {set});
    }

    /** For every u and every subset of [from, to): what it costs to add u after that subset. */
    private static long[][] halfSums(OrderProblem p, int from, int to) {
        long[][] sums = new long[p.size()][1 << (to - from)];
        for (int u = 0; u < p.size(); u++) {
            for (int set = 1; set < sums[u].length; set++) {
                sums[u][set] = sums[u][set & (set - 1)] + p.price()[from + Integer.numberOfTrailingZeros(set)][u];
            }
        }
        return sums;
    }
}
