package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;

/**
 * The best order where some arrivals have a day of their own: dynamic programming over subsets with labels (Desrochers 1988, as for
 * shortest paths with time windows). A set may be reached cheaply but late, or dearly but early, so each keeps every way to it that no
 * other is as good as in both. Fewest days too late first, then least price with idle days. Exact as long as no set has more than
 * {@value #MOST_LABELS} ways worth keeping; beyond, the cheapest are kept and the order is not called proved.
 */
final class PinnedOrder {
    private static final int MOST_LABELS = 24;
    /** Larger problems keep fewer, so that memory stays bounded. */
    private static final int MANY = 15;
    private static final int FEW_LABELS = 3;

    private final OrderProblem p;
    private final int most;
    private boolean cut;

    private PinnedOrder(OrderProblem p) {
        this.p = p;
        this.most = p.size() > MANY ? FEW_LABELS : MOST_LABELS;
    }

    /** One way to a set. */
    private record Label(Label before, int last, long price, Timeline time) { }

    static Order solve(OrderProblem p) {
        return new PinnedOrder(p).solve();
    }

    private Order solve() {
        int n = p.size();
        int all = (1 << n) - 1;
        List<List<Label>> ways = new ArrayList<>(java.util.Collections.nCopies(all + 1, null));
        OrderProblem.Tally[] tallies = new OrderProblem.Tally[all + 1];
        ways.set(0, List.of(new Label(null, -1, 0, Timeline.start(p))));
        tallies[0] = OrderProblem.Tally.EMPTY;
        for (int set = 0; set < all; set++) {
            List<Label> here = ways.get(set);
            if (here == null) {
                continue;
            }
            BitSet in = ExactOrder.bits(set);
            for (int u : p.next(tallies[set], in)) {
                int next = set | 1 << u;
                tallies[next] = tallies[next] == null ? tallies[set].with(p, u) : tallies[next];
                int box = p.boxDays(u, in);
                long adding = adding(in, u);
                List<Label> there = ways.get(next) == null ? new ArrayList<>() : ways.get(next);
                for (Label way : here) {
                    keep(there, new Label(way, u, way.price + adding, way.time.then(p, u, box).after()));
                }
                ways.set(next, there);
            }
            ways.set(set, null);
            tallies[set] = null;
        }
        Label best = n == 0 ? ways.get(0).get(0) : ways.get(all).stream().min(order()).orElseThrow();
        int[] sequence = new int[n];
        Label label = best;
        for (int i = n - 1; i >= 0; i--) {
            sequence[i] = label.last;
            label = label.before;
        }
        return new Order(sequence, best.price, cut ? BeamOrder.bound(p) : best.price, !cut);
    }

    private Comparator<Label> order() {
        return Comparator.comparingInt((Label l) -> l.time.late()).thenComparingLong(l -> l.price + l.time.waiting(p));
    }

    private long adding(BitSet in, int u) {
        long sum = 0;
        for (int v = in.nextSetBit(0); v >= 0; v = in.nextSetBit(v + 1)) {
            sum += p.price()[v][u];
        }
        return sum;
    }

    private void keep(List<Label> there, Label fresh) {
        if (there.stream().anyMatch(l -> beats(l, fresh))) {
            return;
        }
        there.removeIf(l -> beats(fresh, l));
        there.add(fresh);
        if (there.size() > most) {
            cut = true;
            there.remove(there.stream().max(order()).orElseThrow());
        }
    }

    /** As early everywhere, and cheaper even after waiting for the other. */
    private boolean beats(Label a, Label b) {
        return a.time.noLater(b.time)
            && a.price + a.time.waiting(p) + p.pins().waitingADay() * Math.max(0, a.time.ahead(b.time)) <= b.price + b.time.waiting(p);
    }
}
