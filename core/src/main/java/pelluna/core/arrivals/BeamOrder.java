package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A good order for more arrivals than can be proved: beam search (Lowerre 1976) that keeps the {@value #WIDTH} cheapest
 * sets of each size. The bound is the sum over pairs of the cheaper of the two orders; no order is below it.
 * O(width · n²).
 */
public final class BeamOrder {
    private static final int WIDTH = 2000;
    /** Wide beams for few arrivals, narrower ones for hundreds, so that the work stays bounded. */
    private static final int WORK = 60_000;

    private BeamOrder() { }

    private record State(BitSet in, int[] sequence, long price, int gaps, int latest) { }

    public static Order solve(OrderProblem p) {
        int n = p.size();
        List<State> beam = List.of(new State(new BitSet(n), new int[0], 0, 0, 0));
        for (int size = 0; size < n; size++) {
            Map<BitSet, State> next = new HashMap<>();
            for (State s : beam) {
                int ready = Math.max(OrderProblem.readyDay(s.gaps(), s.latest()), firstReady(p, s.in()));
                for (int u = s.in().nextClearBit(0); u < n; u = s.in().nextClearBit(u + 1)) {
                    if (p.earliest()[u] <= ready) {
                        State added = add(p, s, u);
                        next.merge(added.in(), added, (a, b) -> a.price() <= b.price() ? a : b);
                    }
                }
            }
            List<State> sorted = new ArrayList<>(next.values());
            sorted.sort(Comparator.comparingLong(State::price).thenComparing(s -> s.in().toString()));
            beam = sorted.subList(0, Math.min(Math.min(WIDTH, WORK / n), sorted.size()));
        }
        State best = beam.get(0);
        return new Order(best.sequence(), best.price(), bound(p), best.price() == bound(p));
    }

    private static State add(OrderProblem p, State s, int u) {
        BitSet in = (BitSet) s.in().clone();
        in.set(u);
        int[] sequence = java.util.Arrays.copyOf(s.sequence(), s.sequence().length + 1);
        sequence[s.sequence().length] = u;
        long price = s.price();
        for (int v : s.sequence()) {
            price += p.price()[v][u];
        }
        return new State(in, sequence, price, s.gaps() + p.gap()[u], Math.max(s.latest(), p.earliest()[u] + p.gap()[u]));
    }

    private static int firstReady(OrderProblem p, BitSet in) {
        int first = Integer.MAX_VALUE;
        for (int u = in.nextClearBit(0); u < p.size(); u = in.nextClearBit(u + 1)) {
            first = Math.min(first, p.earliest()[u]);
        }
        return first;
    }

    static long bound(OrderProblem p) {
        long sum = 0;
        for (int v = 0; v < p.size(); v++) {
            for (int u = v + 1; u < p.size(); u++) {
                sum += Math.min(p.price()[v][u], p.price()[u][v]);
            }
        }
        return sum;
    }
}
