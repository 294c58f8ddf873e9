package pelluna.app.rows;

import pelluna.core.units.Statement;

/** Something was stated of what is no longer known, such as a species that was taken out of the catalogue. */
public record NoLongerKnown() implements Statement {}
