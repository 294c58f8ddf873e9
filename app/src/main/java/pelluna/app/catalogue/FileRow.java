package pelluna.app.catalogue;

import java.util.Optional;

/** One row of a file: an entry, or why it is refused. Rows count from 1, in CSV the line of names is not counted. */
record FileRow(int number, String name, Optional<Entry> entry, String refused) {
    static FileRow of(int number, Entry entry) {
        return new FileRow(number, entry.scientificName(), Optional.of(entry), "");
    }

    static FileRow refused(int number, String name, String why) {
        return new FileRow(number, name, Optional.empty(), why);
    }
}
