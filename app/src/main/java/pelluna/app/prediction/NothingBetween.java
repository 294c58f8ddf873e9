package pelluna.app.prediction;

import pelluna.core.units.Statement;

/** Nothing would set two at each other. */
record NothingBetween() implements Statement {}
