package pelluna.core.pooled;

import pelluna.core.catalogue.Species;

/**
 * What a keeper saw of one pair, the same way round; or some keepers of a file that doesn't tell them apart.
 *
 * @param source   where it comes from: a server of its own, or a file; no more is known of it
 * @param keeper   what stands for a keeper, or for those of a file, within the source
 * @param keepers  how many they are, 1 or more
 * @param hard     how many of them saw hard fights
 * @param expected chance of it that Pelluna had said to each, above 0 and below 1
 */
public record PairSeen(
        String source, String keeper, Species aggressor, Species target, int keepers, int hard, double expected) {
    /** Keepers of this very server, each with an account. */
    public static final String HERE = "here";
    /** Files that nobody has signed are one source, however many there are. */
    public static final String UNSIGNED = "unsigned";

    public PairSeen {
        if (!(expected > 0) || !(expected < 1) || keepers < 1 || hard < 0 || hard > keepers) {
            throw new IllegalArgumentException(
                    "a chance above 0 and below 1, not " + expected + ", of " + hard + " of " + keepers);
        }
    }

    Counts counts() {
        return new Counts(keepers, hard, keepers * expected);
    }

    /** What one keeper saw. */
    public PairSeen(String source, String keeper, Species aggressor, Species target, boolean hard, double expected) {
        this(source, keeper, aggressor, target, 1, hard ? 1 : 0, expected);
    }
}
