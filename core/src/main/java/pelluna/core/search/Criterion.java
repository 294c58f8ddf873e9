package pelluna.core.search;

import java.util.function.ToDoubleFunction;
import pelluna.core.catalogue.Species;

/**
 * One thing that was asked for.
 *
 * @param understood how Pelluna took it, in words: 'grows to 8 cm at most'
 * @param match      0 if a species is not so, up to 1 if it is so without a but
 */
public record Criterion(String understood, ToDoubleFunction<Species> match) {
    /** The opposite: what is so by half stays so by half. */
    Criterion not() {
        return new Criterion("not: " + understood, s -> 1 - match.applyAsDouble(s));
    }

    static Criterion when(String understood, java.util.function.Predicate<Species> is) {
        return new Criterion(understood, s -> is.test(s) ? 1 : 0);
    }
}
