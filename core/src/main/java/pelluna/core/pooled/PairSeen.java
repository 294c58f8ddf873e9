package pelluna.core.pooled;

import pelluna.core.catalogue.Species;

/**
 * What one keeper saw of one pair, the same way round.
 *
 * @param source   where it comes from: a server of its own, or a file; no more is known of it
 * @param keeper   a number that stands for a keeper within the source
 * @param hard     whether hard fights were seen
 * @param expected chance of it that Pelluna had said, above 0 and below 1
 */
public record PairSeen(String source, String keeper, Species aggressor, Species target, boolean hard, double expected) {
    public PairSeen {
        if (!(expected > 0) || !(expected < 1)) {
            throw new IllegalArgumentException("a chance above 0 and below 1, not " + expected);
        }
    }
}
