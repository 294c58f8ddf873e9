package pelluna.app.planfile;

import pelluna.core.units.Statement;

/** What is wrong with a plan: which field (as a path such as tank.lengthCm), what was found, what was expected. */
public record Problem(String field, String found, String expected) implements Statement {}
