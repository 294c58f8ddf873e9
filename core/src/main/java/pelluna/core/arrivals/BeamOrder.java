package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * A good order for more arrivals than can be proved: beam search (Lowerre 1976) that keeps the cheapest sets of each size.
 * The bound is the sum over pairs of the cheaper of the two orders; no order is below it. O(width · n² · log n), with a
 * width that narrows as n grows so that the work stays bounded.
 */
public final class BeamOrder {
    private static final int WIDTH = 1000;
    private static final int WORK = 20_000;

    private BeamOrder() { }

    /**
     * A set of arrivals in the tank and the cheapest known way to it.
     *
     * @param adding what each arrival would cost next
     * @param hash   of the set (Zobrist), so that one set is kept once
     */
    private record State(BitSet in, int[] sequence, long price, long[] adding, OrderProblem.Tally tally, Timeline time, long hash) { }

    private record Candidate(State from, int next, long price, Timeline time, int late, long hash) { }

    public static Order solve(OrderProblem p) {
        return solve(p, Math.max(50, Math.min(WIDTH, WORK / Math.max(1, p.size()))));
    }

    static Order solve(OrderProblem p, int width) {
        int n = p.size();
        long[] keys = new SplittableRandom(n).longs(n).toArray();
        boolean days = p.pins().days();
        List<State> beam = List.of(new State(new BitSet(n), new int[0], 0, new long[n], OrderProblem.Tally.EMPTY, Timeline.start(p), 0));
        for (int size = 0; size < n; size++) {
            List<Candidate> candidates = new ArrayList<>();
            for (State s : beam) {
                for (int u : p.next(s.tally(), s.in())) {
                    Timeline time = days ? s.time().then(p, u, p.boxDays(u, s.in())).after() : s.time();
                    candidates.add(new Candidate(s, u, s.price() + s.adding()[u], time, days ? lateWith(p, s.in(), u, time) : 0, s.hash() ^ keys[u]));
                }
            }
            candidates.sort(Comparator.comparingInt(Candidate::late).thenComparingLong(c -> c.price() + c.time().waiting(p)));
            beam = cheapest(p, candidates, width);
        }
        State best = beam.get(0);
        long bound = bound(p);
        return new Order(best.sequence(), best.price(), bound, best.price() == bound && best.time().late() == 0 && best.time().idle() == 0);
    }

    private static int lateWith(OrderProblem p, BitSet in, int u, Timeline time) {
        BitSet then = (BitSet) in.clone();
        then.set(u);
        return time.lateAtLeast(p, then);
    }

    private static List<State> cheapest(OrderProblem p, List<Candidate> candidates, int width) {
        List<State> kept = new ArrayList<>();
        Set<Long> seen = new HashSet<>();
        for (Candidate c : candidates) {
            if (kept.size() == width) {
                break;
            }
            if (seen.add(c.hash())) {
                kept.add(add(p, c));
            }
        }
        return kept;
    }

    private static State add(OrderProblem p, Candidate c) {
        State s = c.from();
        int u = c.next();
        BitSet in = (BitSet) s.in().clone();
        in.set(u);
        int[] sequence = Arrays.copyOf(s.sequence(), s.sequence().length + 1);
        sequence[s.sequence().length] = u;
        long[] adding = s.adding().clone();
        for (int other = 0; other < adding.length; other++) {
            adding[other] += p.price()[u][other];
        }
        return new State(in, sequence, c.price(), adding, s.tally().with(p, u), c.time(), c.hash());
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
