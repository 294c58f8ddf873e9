package pelluna.core.pooled;

import java.util.HashMap;
import java.util.Map;

/**
 * How far sources are believed beside each other. Keepers of this very server count in full; of the others none weighs
 * more than half of what all others do together, so that it makes up a third at most.
 */
final class Believed {
    /** Beside the others at full weight no source makes up more than this share. Pelluna's judgement. */
    private static final double MOST_OF_ONE = 1.0 / 3;

    private Believed() {}

    /** What one keeper of each source counts, above 0, up to 1. @param keepers of each source */
    static Map<String, Double> weights(Map<String, Integer> keepers) {
        int all = keepers.values().stream().mapToInt(n -> n).sum();
        Map<String, Double> weights = new HashMap<>();
        keepers.forEach((source, n) -> weights.put(source, Math.min(1, most(source, all - n) / n)));
        return weights;
    }

    /** What nobody vouches for is not told alone. Pelluna's judgement. */
    static boolean nobodyVouches(Map<String, Integer> keepers) {
        return keepers.keySet().stream().allMatch(PairSeen.UNSIGNED::equals);
    }

    private static double most(String source, int others) {
        return source.equals(PairSeen.HERE) || others == 0
                ? Double.POSITIVE_INFINITY
                : others * MOST_OF_ONE / (1 - MOST_OF_ONE);
    }
}
