package pelluna.core.sieve;

import pelluna.core.tank.TakenAs;
import pelluna.core.tank.Unsaid;
import pelluna.core.units.Statement;

/** A figure of the tank that is not said, and what it is taken as. */
public record Assumption(Unsaid unsaid, TakenAs as) implements Statement {}
