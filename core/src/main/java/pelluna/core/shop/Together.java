package pelluna.core.shop;

import java.util.Optional;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Step;

/**
 * What Pelluna says of two fish, each of which may live in the tank: how hard it goes, and why.
 *
 * @param first the one that had better come first, for it is the one that is pressed; empty where it makes no
 *     difference
 */
public record Together(Step step, TogetherReason why, Optional<Species> first) {
    static Together of(Step step, TogetherReason why) {
        return new Together(step, why, Optional.empty());
    }
}
