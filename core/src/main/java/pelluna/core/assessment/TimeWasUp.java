package pelluna.core.assessment;

import pelluna.core.units.Statement;

/** The search was ended before everything was weighed: a better set or a calmer order may exist. */
public record TimeWasUp() implements Statement {}
