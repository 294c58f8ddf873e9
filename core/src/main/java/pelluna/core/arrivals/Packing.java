package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;

/**
 * Things to choose from, as numbers: each has a value and takes something of what there is only so much of, and some
 * exclude each other (the multi-dimensional knapsack with conflicts).
 *
 * @param value   of each thing, any unit, below 0 too
 * @param takes   by thing and by what it takes of; below 0 where it adds to what is asked for
 * @param left    of each that is taken of, 0 or more; below 0 is a demand that those chosen must meet
 * @param against by thing, those that it excludes; both ways
 * @param whole   whether values are whole numbers
 */
record Packing(double[] value, double[][] takes, double[] left, BitSet[] against, boolean whole) {
    /** Sums of shares are compared with so much slack. */
    static final double SLACK = 1e-9;

    private static final double MET = 1e-6;

    int size() {
        return value.length;
    }

    double[] left(double[] of, int thing) {
        double[] then = of.clone();
        for (int k = 0; k < then.length; k++) {
            then[k] -= takes[thing][k];
        }
        return then;
    }

    boolean holds(int thing, double[] of) {
        for (int k = 0; k < of.length; k++) {
            if (takes[thing][k] > SLACK && takes[thing][k] > of[k] + SLACK) {
                return false;
            }
        }
        return true;
    }

    /** Whether what is asked for is there. */
    static boolean met(double[] left) {
        return Arrays.stream(left).allMatch(l -> l >= -MET);
    }

    /** Things in groups of which at most one can be chosen: greedily, dear ones first. */
    int[][] cliques() {
        int[] dearFirst = dearFirst();
        BitSet out = new BitSet();
        out.set(0, size());
        int[][] found = new int[size()][];
        int count = 0;
        for (int first : dearFirst) {
            if (out.get(first)) {
                BitSet can = (BitSet) against[first].clone();
                can.and(out);
                BitSet clique = new BitSet();
                clique.set(first);
                for (int i : dearFirst) {
                    if (can.get(i)) {
                        clique.set(i);
                        can.and(against[i]);
                    }
                }
                out.andNot(clique);
                found[count++] = clique.stream().toArray();
            }
        }
        return Arrays.copyOf(found, count);
    }

    private int[] dearFirst() {
        Integer[] order = new Integer[size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(value[b], value[a]));
        return Arrays.stream(order).mapToInt(i -> i).toArray();
    }
}
