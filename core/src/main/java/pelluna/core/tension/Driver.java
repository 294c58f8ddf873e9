package pelluna.core.tension;

import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * Something that makes one fish press another: a weight 0 to 1, a share 0 to 1 of it, and the sentence that says so.
 */
record Driver(String name, double weight, ToDoubleFunction<Encounter> share, Function<Encounter, String> says) {
    double pull(Encounter e) {
        return weight * Math.max(0, Math.min(1, share.applyAsDouble(e)));
    }
}
