package pelluna.core.catalogue;

import pelluna.core.units.Statement;

/** Where something of a catalogue stands. */
public sealed interface FactPlace extends Statement {
    /** @param at file and line, such as 'acanthuridae.yaml:12' */
    record Line(String at) implements FactPlace {}

    /** A keeper's own word on one fact. */
    record OwnFact(String key) implements FactPlace {}

    /** A keeper's own words on one species. */
    record OwnWords(String scientificName) implements FactPlace {}

    /** All of a keeper's own words. */
    record AllOwnWords() implements FactPlace {}

    /** @param name of a field of the open formats, or of a species */
    record At(String name) implements FactPlace {}

    /** A row of a file that is brought in, from 1. */
    record Row(int row) implements FactPlace {}

    record AfterRow(int row) implements FactPlace {}

    record LineOf(int line) implements FactPlace {}

    /** A file that a keeper brings in. */
    record YourFile() implements FactPlace {}

    /** A tank of the keeper's. */
    record InTank(String name) implements FactPlace {}
}
