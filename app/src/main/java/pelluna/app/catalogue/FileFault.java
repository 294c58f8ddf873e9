package pelluna.app.catalogue;

import java.util.List;
import pelluna.core.catalogue.Source;
import pelluna.core.units.Statement;

/** What can be wrong with a catalogue that is brought in as a file. */
sealed interface FileFault extends Statement {
    record TooManyRows() implements FileFault {}

    record NoHeader() implements FileFault {}

    record NotCsv() implements FileFault {}

    record NotJson() implements FileFault {}

    record OtherCells(int cells, int headings) implements FileFault {}

    record NoSuchField(String name) implements FileFault {}

    /** @param others fields of the same fact that are given */
    record FieldMissing(List<String> others) implements FileFault {}

    record LifeMissing(int kinds) implements FileFault {}

    record NoSuchHarm(String word) implements FileFault {}

    record NoNumber(String text) implements FileFault {}

    record NoSourceCode(String code) implements FileFault {}

    record NoSuchSource(String text, List<Source> sources) implements FileFault {}

    record TwiceInFile(String name) implements FileFault {}

    record NameOfAnother(String name, String species) implements FileFault {}

    record LikeWhat(String like) implements FileFault {}
}
