package pelluna.core.capacity;

import pelluna.core.units.Length;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;

/** How many more fish there is room for. */
public sealed interface RoomLeft extends Statement {
    /** What decides, whether it is over, and what every way to count says of room for more. */
    record WhatDecides(LensKind binding, boolean over, Sentences deciding, Sentences others) implements RoomLeft {}

    record FullBy(LensKind lens) implements RoomLeft {}

    record NoMoreBy(LensKind lens) implements RoomLeft {}

    record MoreBy(LensKind lens, int fish, Length size) implements RoomLeft {}

    /** @param most more than so many */
    record ManyMoreBy(LensKind lens, int most, Length size) implements RoomLeft {}
}
