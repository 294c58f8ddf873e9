package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;
import pelluna.core.units.Stop;

/**
 * The choice of most value: branch and bound (Land &amp; Doig 1960) by {@link Relaxed} bounds, which also settle what
 * must be or can't be chosen (variable fixing). Exact if {@link #proved()}; exponential at worst.
 */
final class PackingSearch {
    private static final int STEPS_AT_FIRST = 200;
    private static final double FAR = 1.5;
    private static final int STEPS = 6;
    private static final double NEAR = 0.7;
    /** How often it looks whether to stop: each time that these bits of its count are all 0. */
    private static final long LOOKS = 63;

    private final Packing p;
    private final int[][] cliques;
    private final long most;
    private final Stop stop;
    private BitSet best;
    private double value;
    private long nodes;
    private boolean stopped;

    /** @param most nodes that it looks at */
    PackingSearch(Packing p, long most, Stop stop) {
        this.p = p;
        this.cliques = p.cliques();
        this.most = most;
        this.stop = stop;
    }

    /** @param known a choice that keeps to everything, with its value; only a better one is looked for */
    BitSet solve(BitSet known, double worth) {
        best = known;
        value = worth;
        BitSet open = new BitSet();
        open.set(0, p.size());
        double sum = Arrays.stream(p.value()).map(Math::abs).sum();
        double[] prices = Arrays.stream(p.left())
                .map(l -> l == 0 ? 0 : sum / (2 * p.left().length * Math.abs(l)))
                .toArray();
        branch(new BitSet(), open, 0, p.left(), prices, true);
        return best;
    }

    double value() {
        return value;
    }

    boolean stopped() {
        return stopped;
    }

    /** Whether nothing is better than what it found. */
    boolean proved() {
        return !stopped && nodes <= most;
    }

    private void branch(BitSet in, BitSet may, double have, double[] left, double[] prices, boolean first) {
        nodes++;
        stopped = stopped || (nodes & LOOKS) == 0 && stop.now();
        if (have > value && Packing.met(left)) {
            value = have;
            best = in;
        }
        BitSet open = new BitSet();
        may.stream().filter(i -> p.holds(i, left)).forEach(open::set);
        if (stopped || nodes > most || open.isEmpty()) {
            return;
        }
        Relaxed relaxed = new Relaxed(p, cliques, open, left, have, value);
        if (relaxed.hopeless(prices, first ? STEPS_AT_FIRST : STEPS, first ? FAR : NEAR)) {
            return;
        }
        BitSet must = relaxed.settled();
        if (!must.isEmpty()) {
            choose(in, open, must, have, left, relaxed.prices());
        } else if (!open.isEmpty()) {
            int pick = open.stream()
                    .reduce((a, b) -> relaxed.beyond(b) > relaxed.beyond(a) ? b : a)
                    .orElseThrow();
            BitSet one = new BitSet();
            one.set(pick);
            choose(in, open, one, have, left, relaxed.prices());
            open.clear(pick);
            branch(in, open, have, left, relaxed.prices(), false);
        }
    }

    /** Goes on with all of these chosen, if they can be. */
    private void choose(BitSet in, BitSet open, BitSet these, double have, double[] left, double[] prices) {
        BitSet chosen = (BitSet) in.clone();
        BitSet then = (BitSet) open.clone();
        double[] rest = left;
        double sum = have;
        for (int i = these.nextSetBit(0); i >= 0; i = these.nextSetBit(i + 1)) {
            if (!then.get(i) || !p.holds(i, rest)) {
                return;
            }
            chosen.set(i);
            then.clear(i);
            then.andNot(p.against()[i]);
            rest = p.left(rest, i);
            sum += p.value()[i];
        }
        branch(chosen, then, sum, rest, prices, false);
    }
}
