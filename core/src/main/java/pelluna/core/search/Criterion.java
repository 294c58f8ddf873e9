package pelluna.core.search;

import java.util.function.ToDoubleFunction;
import pelluna.core.catalogue.Species;

/**
 * One thing that was asked for.
 *
 * @param understood how Pelluna took it
 * @param match      0 if a species is not so, up to 1 if it is so without a but
 */
public record Criterion(Understood understood, ToDoubleFunction<Species> match) {
    /** The opposite: what is so by half stays so by half. */
    Criterion not() {
        return new Criterion(new Understood.Not(understood), s -> 1 - match.applyAsDouble(s));
    }

    static Criterion when(Understood understood, java.util.function.Predicate<Species> is) {
        return new Criterion(understood, s -> is.test(s) ? 1 : 0);
    }
}
