package pelluna.app.rows;

import pelluna.core.units.Statement;

/** What an earlier release wrote into a row in words. */
public record AsWritten(String text) implements Statement {}
