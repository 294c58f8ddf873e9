package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import pelluna.core.units.Stop;

/**
 * A good order for more arrivals than can be proved: beam search (Lowerre 1976) that keeps the cheapest sets of each
 * size.
 * The bound is the sum over pairs of the cheaper of the two orders; no order is below it. O(width · n² · log n), with a
 * width that narrows as n grows so that the work stays bounded.
 */
public final class BeamOrder {
    private static final int WIDTH = 1000;
    private static final int WORK = 20_000;

    private BeamOrder() {}

    /**
     * A set of arrivals in the tank and the cheapest known way to it.
     *
     * @param adding what each arrival would cost next
     * @param hash   of the set (Zobrist), so that one set is kept once
     */
    private record State(
            BitSet in, int[] sequence, long price, long[] adding, OrderProblem.Tally tally, Timeline time, long hash) {}

    public static Order solve(OrderProblem p) {
        return solve(p, Stop.NEVER);
    }

    /** @return the way that looked best when it was stopped, gone on with one arrival after the other */
    static Order solve(OrderProblem p, Stop stop) {
        return solve(p, Math.max(50, Math.min(WIDTH, WORK / Math.max(1, p.size()))), stop);
    }

    static Order solve(OrderProblem p, int width, Stop stop) {
        boolean stopped = false;
        int n = p.size();
        long[] keys = new SplittableRandom(n).longs(n).toArray();
        boolean days = p.pins().days();
        List<State> beam = List.of(
                new State(new BitSet(n), new int[0], 0, new long[n], OrderProblem.Tally.EMPTY, Timeline.start(p), 0));
        for (int size = 0; size < n; size++) {
            stopped = stopped || stop.now();
            if (stopped) {
                beam = beam.subList(0, 1);
            }
            Candidates candidates = new Candidates(beam.size() * (n - size));
            for (State s : beam) {
                for (int u : p.next(s.tally(), s.in())) {
                    Timeline time =
                            days ? s.time().then(p, u, p.boxDays(u, s.in())).after() : s.time();
                    candidates.offer(
                            s,
                            u,
                            time,
                            days ? lateWith(p, s.in(), u, time) : 0,
                            s.price() + s.adding()[u] + time.waiting(p),
                            s.hash() ^ keys[u]);
                }
            }
            beam = candidates
                    .best(width)
                    .mapToObj(
                            c -> add(p, candidates.from[c], candidates.next[c], candidates.time[c], candidates.hash[c]))
                    .toList();
        }
        State best = beam.get(0);
        long bound = bound(p);
        Order order = new Order(
                best.sequence(),
                best.price(),
                bound,
                best.price() == bound && best.time().late() == 0 && best.time().idle() == 0);
        return stopped ? order.ended() : order;
    }

    private static int lateWith(OrderProblem p, BitSet in, int u, Timeline time) {
        BitSet then = (BitSet) in.clone();
        then.set(u);
        return time.lateAtLeast(p, then);
    }

    private static State add(OrderProblem p, State s, int u, Timeline time, long hash) {
        BitSet in = (BitSet) s.in().clone();
        in.set(u);
        int[] sequence = Arrays.copyOf(s.sequence(), s.sequence().length + 1);
        sequence[s.sequence().length] = u;
        long[] adding = s.adding().clone();
        for (int other = 0; other < adding.length; other++) {
            adding[other] += p.price()[u][other];
        }
        return new State(
                in, sequence, s.price() + s.adding()[u], adding, s.tally().with(p, u), time, hash);
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

    /**
     * The ways to one more arrival, of which each set is kept once, by its cheapest: an open hash table over columns.
     */
    private static final class Candidates {
        private final State[] from;
        private final int[] next;
        private final Timeline[] time;
        private final int[] late;
        private final long[] total;
        private final long[] hash;
        private final int[] slots;
        private int size;

        Candidates(int most) {
            from = new State[most];
            next = new int[most];
            time = new Timeline[most];
            late = new int[most];
            total = new long[most];
            hash = new long[most];
            slots = new int[Integer.highestOneBit(Math.max(1, most)) * 4];
        }

        void offer(State s, int u, Timeline after, int days, long price, long set) {
            int slot = (int) (set ^ set >>> 32) & slots.length - 1;
            while (slots[slot] > 0 && hash[slots[slot] - 1] != set) {
                slot = slot + 1 & slots.length - 1;
            }
            int at = slots[slot] > 0 ? slots[slot] - 1 : size;
            if (at < size && (late[at] < days || late[at] == days && total[at] <= price)) {
                return;
            }
            if (at == size) {
                slots[slot] = ++size;
            }
            from[at] = s;
            next[at] = u;
            time[at] = after;
            late[at] = days;
            total[at] = price;
            hash[at] = set;
        }

        /**
         * The figure that would stand at a place if they were sorted (Hoare 1961, quickselect); leaves them in
         * disorder.
         */
        private static long smallest(long[] all, int place) {
            int from = 0;
            int to = all.length - 1;
            while (from < to) {
                long pivot = all[(from + to) >>> 1];
                int i = from;
                int j = to;
                while (i <= j) {
                    while (all[i] < pivot) {
                        i++;
                    }
                    while (all[j] > pivot) {
                        j--;
                    }
                    if (i <= j) {
                        long swapped = all[i];
                        all[i++] = all[j];
                        all[j--] = swapped;
                    }
                }
                if (place <= j) {
                    to = j;
                } else if (place >= i) {
                    from = i;
                } else {
                    return all[place];
                }
            }
            return all[place];
        }

        /** Indices of the best, best first; only those that can be among them are sorted. */
        IntStream best(int width) {
            int[] lates = Arrays.copyOf(late, size);
            long most = Long.MAX_VALUE;
            if (size > width && Arrays.stream(lates).noneMatch(l -> l > 0)) {
                long[] totals = Arrays.copyOf(total, size);
                most = smallest(totals, width - 1);
            }
            long limit = most;
            return IntStream.range(0, size)
                    .filter(c -> total[c] <= limit)
                    .boxed()
                    .sorted(Comparator.comparingInt((Integer c) -> late[c]).thenComparingLong(c -> total[c]))
                    .limit(width)
                    .mapToInt(c -> c);
        }
    }
}
