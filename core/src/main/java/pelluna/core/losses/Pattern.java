package pelluna.core.losses;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Something that losses have in common.
 *
 * @param says   what it is, with its counts
 * @param hits   that fit, of {@code of} that could
 * @param others how it went with those that it is not said of; empty if there are none to compare with
 * @param rule   when Pelluna says this
 * @param p      that a difference like this is chance; empty if there is nothing to compare with
 */
public record Pattern(
        InCommon says, int hits, int of, Optional<InCommon> others, InCommon.RuleOf rule, OptionalDouble p) {
    /** Under this p it is hard to call it chance. Common practice. */
    private static final double CHANCE = 0.05;

    /** How far to trust it. */
    public InCommon.Trust trust() {
        return p.isEmpty()
                ? InCommon.Trust.NOTHING_TO_HOLD
                : p.getAsDouble() < CHANCE ? InCommon.Trust.HARDLY_CHANCE : InCommon.Trust.COULD_BE_CHANCE;
    }
}
