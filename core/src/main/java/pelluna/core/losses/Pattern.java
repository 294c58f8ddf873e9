package pelluna.core.losses;

import java.util.OptionalDouble;

/**
 * Something that losses have in common.
 *
 * @param says   'three of four jumpers left a tank without full cover'
 * @param hits   that fit, of {@code of} that could
 * @param others how it went with those that it is not said of; empty if there are none to compare with
 * @param rule   when Pelluna says this
 * @param p      that a difference like this is chance; empty if there is nothing to compare with
 */
public record Pattern(String says, int hits, int of, String others, String rule, OptionalDouble p) {
    /** Under this p it is hard to call it chance. Common practice. */
    private static final double CHANCE = 0.05;

    /** How far to trust it. */
    public String trust() {
        return p.isEmpty()
                ? "There is nothing to hold it against."
                : p.getAsDouble() < CHANCE ? "That is hard to put down to chance." : "With so few it could be chance.";
    }
}
