package pelluna.core.pooled;

import java.util.HashMap;
import java.util.Map;

/**
 * What sources tell of one pair, or of all of a level, and how far they are believed beside each other. Keepers of this
 * very server count in full; of the others none weighs more than half of what all others together have, so that it
 * makes up a third at most. At each level anew: who tells of many pairs that nobody else has had weighs no more in what
 * all pairs have in common.
 */
final class Heard {
    /** Beside the others at full weight no source makes up more than this share. Pelluna's judgement. */
    private static final double MOST_OF_ONE = 1.0 / 3;

    static final Heard NOTHING = new Heard();

    private final Map<String, Counts> bySource = new HashMap<>();

    void add(String source, Counts told) {
        bySource.merge(source, told, Counts::and);
    }

    /** What others of the same sources tell: without some that are among them. */
    Heard without(Heard some) {
        Heard left = new Heard();
        bySource.forEach(
                (source, told) -> left.add(source, told.without(some.bySource.getOrDefault(source, Counts.NONE))));
        return left;
    }

    /** What nobody vouches for is not told alone. Pelluna's judgement. */
    boolean nobodyVouches() {
        return bySource.keySet().stream().allMatch(PairSeen.UNSIGNED::equals);
    }

    /** As it was told. */
    Counts whole() {
        return bySource.values().stream().reduce(Counts.NONE, Counts::and);
    }

    /** As it is believed. */
    Counts believed() {
        double all = whole().keepers();
        Counts sum = Counts.NONE;
        for (Map.Entry<String, Counts> e : bySource.entrySet()) {
            double n = e.getValue().keepers();
            if (n > 0) {
                sum = sum.and(e.getValue().times(Math.min(1, most(e.getKey(), all - n) / n)));
            }
        }
        return sum;
    }

    private static double most(String source, double others) {
        return source.equals(PairSeen.HERE) || others <= 0
                ? Double.POSITIVE_INFINITY
                : others * MOST_OF_ONE / (1 - MOST_OF_ONE);
    }
}
