package pelluna.core.tension;

import java.util.function.ToDoubleFunction;
import pelluna.core.units.Measures;

/** Something that strengthens or dampens tension that is there: a multiplier above 0 and the sentence that says so. */
record Factor(String name, ToDoubleFunction<Encounter> multiplier, Sentence says) {
    interface Sentence {
        String of(Encounter e, Measures measures);
    }
}
