package pelluna.core.tension;

import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * Something that makes one fish press another: a weight 0 to 1, a share 0 to 1 of it, and why it is so.
 */
record Driver(Force force, double weight, ToDoubleFunction<Encounter> share, Function<Encounter, TensionReason> why) {
    double pull(Encounter e) {
        return weight * Math.max(0, Math.min(1, share.applyAsDouble(e)));
    }
}
