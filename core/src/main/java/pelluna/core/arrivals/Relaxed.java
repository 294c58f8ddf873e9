package pelluna.core.arrivals;

import java.util.BitSet;

/**
 * How much value can still be had at most, where a price stands for each limit (Lagrangian relaxation, Geoffrion 1974;
 * the prices
 * by subgradient steps, Held, Wolfe &amp; Crowder 1974) and at most one is chosen of each clique.
 */
final class Relaxed {
    private static final double LITTLE = 1e-6;
    /** Steps without a better bound before they are halved. */
    private static final int PATIENCE = 5;

    private static final double LEAST_STEP = 1e-3;

    private final Packing p;
    private final int[][] cliques;
    private final BitSet open;
    private final double[] left;
    private final double have;
    private final double best;
    /** The prices of the best bound, and what each open thing is worth beyond what it takes by them. */
    private double[] prices;

    private double[] beyond;
    private double bound = Double.POSITIVE_INFINITY;

    /**
     * @param open things that may still be chosen
     * @param have value of those that are
     * @param best value that is to be beaten
     */
    Relaxed(Packing p, int[][] cliques, BitSet open, double[] left, double have, double best) {
        this.p = p;
        this.cliques = cliques;
        this.open = open;
        this.left = left;
        this.have = have;
        this.best = best;
    }

    double[] prices() {
        return prices;
    }

    /** Value of a thing beyond what it takes at these prices. */
    double beyond(int thing) {
        return beyond[thing];
    }

    /** Whether a bound is too low for a choice that beats the best one. */
    private boolean below(double bound) {
        return p.whole() ? Math.floor(bound + LITTLE) <= best : bound <= best + Packing.SLACK;
    }

    /**
     * Looks for prices under which nothing better can be had.
     *
     * @param from  the prices to begin with
     * @param theta length of the steps
     * @return whether it found them
     */
    boolean hopeless(double[] from, int steps, double theta) {
        double[] now = from.clone();
        double[] r = new double[p.size()];
        double[] g = new double[left.length];
        double length = theta;
        int since = 0;
        for (int s = 0; s <= steps; s++) {
            double v = bound(now, r, g);
            if (v < bound - LITTLE || prices == null) {
                bound = v;
                prices = now.clone();
                beyond = r.clone();
                since = 0;
                if (below(v)) {
                    return true;
                }
            } else if (++since > PATIENCE) {
                length /= 2;
                since = 0;
            }
            if (!stepped(now, g, length * Math.max(LEAST_STEP * Math.abs(v), v - best))) {
                return false;
            }
        }
        return false;
    }

    private double bound(double[] now, double[] r, double[] g) {
        double v = have;
        for (int k = 0; k < left.length; k++) {
            v += now[k] * left[k];
            g[k] = left[k];
        }
        for (int[] clique : cliques) {
            int top = -1;
            for (int i : clique) {
                if (open.get(i)) {
                    r[i] = p.value()[i];
                    for (int k = 0; k < left.length; k++) {
                        r[i] -= now[k] * p.takes()[i][k];
                    }
                    top = r[i] > (top < 0 ? 0 : r[top]) ? i : top;
                }
            }
            if (top >= 0) {
                v += r[top];
                for (int k = 0; k < left.length; k++) {
                    g[k] -= p.takes()[top][k];
                }
            }
        }
        return v;
    }

    /** @return whether there was anywhere to go */
    private static boolean stepped(double[] now, double[] g, double far) {
        double norm = 0;
        for (int k = 0; k < g.length; k++) {
            norm += now[k] > 0 || g[k] < 0 ? g[k] * g[k] : 0;
        }
        for (int k = 0; k < g.length && norm > 0; k++) {
            now[k] = Math.max(0, now[k] - far / norm * g[k]);
        }
        return norm > 0;
    }

    /** Those that must be chosen if it is to beat the best; takes out of the open ones those that can't be. */
    BitSet settled() {
        BitSet must = new BitSet();
        for (int[] clique : cliques) {
            double top = 0;
            double second = 0;
            int first = -1;
            for (int i : clique) {
                if (open.get(i) && beyond[i] > top) {
                    second = top;
                    top = beyond[i];
                    first = i;
                } else if (open.get(i)) {
                    second = Math.max(second, beyond[i]);
                }
            }
            for (int i : clique) {
                if (open.get(i) && below(bound - top + beyond[i])) {
                    open.clear(i);
                }
            }
            if (first >= 0 && below(bound - top + second)) {
                must.set(first);
            }
        }
        return must;
    }
}
