package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;
import pelluna.core.units.Stop;

/**
 * The best order by dynamic programming over subsets (Held &amp; Karp 1962, for the linear ordering problem): the
 * state is
 * the set of arrivals in the tank; sets that cannot lead to an order as good as a quick one are left ({@link Excess}).
 * Up to
 * {@value #MOST} arrivals; O(2^n · n) time at worst, O(2^n) memory. Days by the keeper's hand make the way to a set
 * matter as well;
 * {@link PinnedOrder} is for those.
 */
public final class ExactOrder {
    public static final int MOST = 20;
    /** Width of the quick search that gives the first good order. */
    static final int QUICK = 60;
    /** How often it looks whether to stop: each time that these bits of a set are all 0. */
    static final int LOOKS = 1023;

    private ExactOrder() {}

    /** @throws IllegalArgumentException beyond {@value #MOST} arrivals */
    public static Order solve(OrderProblem p) {
        return solve(p, Stop.NEVER);
    }

    /**
     * @return a quick order, not proved, if it is stopped
     * @throws IllegalArgumentException beyond {@value #MOST} arrivals
     */
    static Order solve(OrderProblem p, Stop stop) {
        int n = p.size();
        if (n > MOST) {
            throw new IllegalArgumentException(n + " arrivals are more than " + MOST);
        }
        if (p.pins().days()) {
            return PinnedOrder.solve(p, stop);
        }
        Excess excess = new Excess(p);
        Order quick = BeamOrder.solve(p, QUICK, stop);
        long good = quick.price();
        int all = (1 << n) - 1;
        long[] best = new long[all + 1];
        byte[] last = new byte[all + 1];
        OrderProblem.Tally[] tallies = new OrderProblem.Tally[all + 1];
        int[] out = new int[n];
        Arrays.fill(best, Long.MAX_VALUE);
        best[0] = excess.base();
        tallies[0] = OrderProblem.Tally.EMPTY;
        for (int set = 0; set < all; set++) {
            if ((set & LOOKS) == 0 && stop.now()) {
                return quick.ended();
            }
            if (best[set] == Long.MAX_VALUE) {
                continue;
            }
            int count = out(all & ~set, out);
            count = p.next(tallies[set], out, count);
            for (int i = 0; i < count; i++) {
                int u = out[i];
                int next = set | 1 << u;
                long cost = best[set] + excess.of(u, all & ~next);
                if (cost < best[next] && cost <= good) {
                    best[next] = cost;
                    last[next] = (byte) u;
                    tallies[next] = tallies[next] == null ? tallies[set].with(p, u) : tallies[next];
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

    /** Writes the members of a set in front of an array. @return how many */
    static int out(int set, int[] out) {
        int count = 0;
        for (int left = set; left != 0; left &= left - 1) {
            out[count++] = Integer.numberOfTrailingZeros(left);
        }
        return count;
    }

    static BitSet bits(int set) {
        return BitSet.valueOf(new long[] {set});
    }
}
