package pelluna.app.catalogue;

import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.CatalogueProblem;

/** One row of a file: an entry, or why it is refused. Rows count from 1, in CSV the line of names is not counted. */
record FileRow(int number, String name, Optional<Entry> entry, List<CatalogueProblem> refused) {
    static FileRow of(int number, Entry entry) {
        return new FileRow(number, entry.scientificName(), Optional.of(entry), List.of());
    }

    static FileRow refused(int number, String name, List<CatalogueProblem> why) {
        return new FileRow(number, name, Optional.empty(), why);
    }
}
