package pelluna.core.arrivals;

/**
 * What an order costs beyond the bound that no order is below: each pair costs at least the cheaper of its two ways,
 * and an
 * arrival pays what it costs beyond that against everybody who is still out when it comes. So the cost of a whole
 * order can be
 * told from below at every set on the way, and ways that can no longer be the best are left (branch and bound, Land
 * &amp; Doig 1960).
 * Up to 30 arrivals; O(n · 2^(n/2)) to build, O(1) to ask.
 */
final class Excess {
    private final long base;
    private final int half;
    private final long[][] low;
    private final long[][] high;

    Excess(OrderProblem p) {
        int n = p.size();
        this.base = BeamOrder.bound(p);
        this.half = n / 2;
        this.low = halfSums(p, 0, half);
        this.high = halfSums(p, half, n);
    }

    /** The bound: what every order costs at least. */
    long base() {
        return base;
    }

    /** What it costs beyond the bound that an arrival comes before all of a set. */
    long of(int u, int before) {
        return low[u][before & ((1 << half) - 1)] + high[u][before >>> half];
    }

    private static long[][] halfSums(OrderProblem p, int from, int to) {
        long[][] sums = new long[p.size()][1 << (to - from)];
        for (int u = 0; u < p.size(); u++) {
            for (int set = 1; set < sums[u].length; set++) {
                int w = from + Integer.numberOfTrailingZeros(set);
                long more = w == u ? 0 : p.price()[u][w] - Math.min(p.price()[u][w], p.price()[w][u]);
                sums[u][set] = sums[u][set & (set - 1)] + more;
            }
        }
        return sums;
    }
}
