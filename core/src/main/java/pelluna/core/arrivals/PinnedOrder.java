package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import pelluna.core.units.Stop;

/**
 * The best order where some arrivals have a day of their own: dynamic programming over subsets with labels (Desrochers
 * 1988, as for
 * shortest paths with time windows). Until all who have a day are in, a set may be reached cheaply but late, or dearly
 * but early, so each
 * keeps every way to it that no other is as good as in both; from then on only the cost counts. Ways that can no
 * longer be better than a
 * quick order are left ({@link Excess}). Fewest days too late first, then least price with idle days.
 *
 * <p>Exact as long as there are no more than {@value #MOST_WAYS} ways to keep and {@value #MOST_LABELS} to one set, as
 * it
 * was in all plans of twenty arrivals that were tried; beyond, a wide beam gives the order and it is not called proved.
 */
final class PinnedOrder {
    static final int MOST_LABELS = 40;
    static final int MOST_WAYS = 400_000;

    private final OrderProblem p;
    private final Stop stop;
    private final Excess excess;
    private final int n;
    private final int all;
    private final int dated;
    private final Order quick;
    private final Label good;
    private final Comparator<Label> order;
    private final OrderProblem.Tally[] tallies;
    /** Ways to the sets that somebody with a day is still missing from. */
    private final List<List<Label>> ways;
    /**
     * From then on: the best way to a set by its cost, its days too late, who came last, or the label that it began
     * with.
     */
    private final long[] cost;

    private final int[] late;
    private final byte[] last;
    private final Label[] begins;
    private int kept;
    private boolean cut;

    private PinnedOrder(OrderProblem p, Stop stop) {
        this.stop = stop;
        this.p = p;
        this.excess = new Excess(p);
        this.n = p.size();
        this.all = (1 << n) - 1;
        this.dated = IntStream.range(0, n)
                .filter(u -> p.pins().day()[u] >= 0)
                .map(u -> 1 << u)
                .sum();
        this.order = Comparator.comparingInt((Label l) -> l.time.late()).thenComparingLong(l -> l.cost(p));
        this.quick = BeamOrder.solve(p, ExactOrder.QUICK, stop);
        this.good = new Label(null, -1, p.priceOf(quick.sequence()), p.timelineOf(quick.sequence()));
        this.tallies = new OrderProblem.Tally[all + 1];
        this.ways = new ArrayList<>(Collections.nCopies(all + 1, null));
        this.cost = new long[all + 1];
        this.late = new int[all + 1];
        this.last = new byte[all + 1];
        this.begins = new Label[all + 1];
        Arrays.fill(cost, Long.MAX_VALUE);
    }

    /**
     * One way to a set.
     *
     * @param least what a whole order costs at least that goes this way, waiting left out
     */
    private record Label(Label before, int last, long least, Timeline time) {
        long cost(OrderProblem p) {
            return least + time.waiting(p);
        }
    }

    static Order solve(OrderProblem p, Stop stop) {
        return new PinnedOrder(p, stop).solve();
    }

    private Order solve() {
        ways.set(0, List.of(new Label(null, -1, excess.base(), Timeline.start(p))));
        tallies[0] = OrderProblem.Tally.EMPTY;
        int[] out = new int[n];
        for (int set = 0; set < all && !cut; set++) {
            if ((set & ExactOrder.LOOKS) == 0 && stop.now()) {
                return quick.ended();
            }
            if (ways.get(set) == null && cost[set] == Long.MAX_VALUE) {
                continue;
            }
            int count = p.next(tallies[set], out, ExactOrder.out(all & ~set, out));
            for (int i = 0; i < count; i++) {
                if (ways.get(set) != null) {
                    add(set, out[i]);
                } else {
                    addTimeless(set, out[i]);
                }
            }
            ways.set(set, null);
            tallies[set] = null;
        }
        if (cut) {
            return BeamOrder.solve(p, stop);
        }
        int[] sequence = sequence();
        long price = p.priceOf(sequence);
        return new Order(sequence, price, price, true);
    }

    private void add(int set, int u) {
        int next = set | 1 << u;
        BitSet in = ExactOrder.bits(set);
        int box = p.boxDays(u, in);
        long more = excess.of(u, all & ~next);
        BitSet then = ExactOrder.bits(next);
        for (Label way : ways.get(set)) {
            Label fresh =
                    new Label(way, u, way.least + more, way.time.then(p, u, box).after());
            if (order.compare(fresh, good) > 0 || fresh.time.lateAtLeast(p, then) > good.time.late()) {
                continue;
            }
            if (tallies[next] == null) {
                tallies[next] = tallies[set].with(p, u);
            }
            if ((next & dated) == dated) {
                if (better(next, fresh.time.late(), fresh.cost(p))) {
                    cost[next] = fresh.cost(p);
                    late[next] = fresh.time.late();
                    begins[next] = fresh;
                }
            } else {
                if (ways.get(next) == null) {
                    ways.set(next, new ArrayList<>());
                }
                keep(ways.get(next), fresh);
            }
        }
    }

    private void addTimeless(int set, int u) {
        int next = set | 1 << u;
        long then = cost[set] + excess.of(u, all & ~next);
        if (late[set] < good.time.late() || late[set] == good.time.late() && then <= good.cost(p)) {
            if (better(next, late[set], then)) {
                cost[next] = then;
                late[next] = late[set];
                last[next] = (byte) u;
                begins[next] = null;
                if (tallies[next] == null) {
                    tallies[next] = tallies[set].with(p, u);
                }
            }
        }
    }

    private boolean better(int set, int lateDays, long then) {
        return cost[set] == Long.MAX_VALUE || lateDays < late[set] || lateDays == late[set] && then < cost[set];
    }

    private int[] sequence() {
        int[] sequence = new int[n];
        int set = all;
        int i = n - 1;
        while (begins[set] == null) {
            sequence[i--] = last[set];
            set &= ~(1 << last[set]);
        }
        for (Label label = begins[set]; i >= 0; label = label.before) {
            sequence[i--] = label.last;
        }
        return sequence;
    }

    private void keep(List<Label> there, Label fresh) {
        for (Label l : there) {
            if (beats(l, fresh)) {
                return;
            }
        }
        there.removeIf(l -> beats(fresh, l));
        there.add(fresh);
        cut = there.size() > MOST_LABELS || ++kept > MOST_WAYS || cut;
    }

    /** As early everywhere, and cheaper even after waiting for the other. */
    private boolean beats(Label a, Label b) {
        return a.time.noLater(b.time)
                && a.cost(p) + p.pins().waitingADay() * Math.max(0, a.time.ahead(b.time)) <= b.cost(p);
    }
}
