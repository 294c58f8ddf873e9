package pelluna.app.limits;

import pelluna.core.units.Statement;

/** Why something cannot be so: a code with what it is about. Each module has its own; words say them. */
public interface Refusal extends Statement {}
