package pelluna.core.tension;

import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/** Something that strengthens or dampens tension that is there: a multiplier above 0, and why it is so. */
record Factor(Force force, ToDoubleFunction<Encounter> multiplier, Function<Encounter, TensionReason> why) {}
