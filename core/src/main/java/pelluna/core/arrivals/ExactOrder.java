package pelluna.core.arrivals;

import java.util.Arrays;

/**
 * The best order by dynamic programming over subsets (Held &amp; Karp 1962, for the linear ordering problem): the state is
 * the set of arrivals in the tank. Up to {@value #MOST} arrivals; O(2^n · n) time, O(2^n) memory.
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
        int half = n / 2;
        long[][] low = halfSums(p, 0, half);
        long[][] high = halfSums(p, half, n);
        int all = (1 << n) - 1;
        long[] best = new long[all + 1];
        byte[] last = new byte[all + 1];
        int[] gaps = new int[all + 1];
        int[] latest = new int[all + 1];
        Arrays.fill(best, Long.MAX_VALUE);
        best[0] = 0;
        for (int set = 0; set <= all; set++) {
            if (set > 0) {
                int one = Integer.numberOfTrailingZeros(set);
                int rest = set & (set - 1);
                gaps[set] = gaps[rest] + p.gap()[one];
                latest[set] = Math.max(latest[rest], p.earliest()[one] + p.gap()[one]);
            }
            if (best[set] == Long.MAX_VALUE || set == all) {
                continue;
            }
            int out = all & ~set;
            int ready = Math.max(OrderProblem.readyDay(gaps[set], latest[set]), firstReady(p, out));
            for (int left = out; left != 0; left &= left - 1) {
                int u = Integer.numberOfTrailingZeros(left);
                if (p.earliest()[u] <= ready) {
                    long price = best[set] + low[u][set & ((1 << half) - 1)] + high[u][set >>> half];
                    int next = set | 1 << u;
                    if (price < best[next]) {
                        best[next] = price;
                        last[next] = (byte) u;
                    }
                }
            }
        }
        int[] sequence = new int[n];
        for (int i = n - 1, set = all; i >= 0; i--) {
            sequence[i] = last[set];
            set &= ~(1 << last[set]);
        }
        return new Order(sequence, best[all], best[all], true);
    }

    private static int firstReady(OrderProblem p, int out) {
        int first = Integer.MAX_VALUE;
        for (int left = out; left != 0; left &= left - 1) {
            first = Math.min(first, p.earliest()[Integer.numberOfTrailingZeros(left)]);
        }
        return first;
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
