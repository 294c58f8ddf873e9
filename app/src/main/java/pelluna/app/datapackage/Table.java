package pelluna.app.datapackage;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A table of the database that goes into a package, as a resource of the same name.
 *
 * @param columns in their order
 * @param refers  tables by the columns whose numbers are of their rows
 * @param of      which of its rows are a keeper's: a condition with {@code :keeper}
 */
record Table(String name, List<Column> columns, Map<String, String> refers, String of) {
    static final String ID = "id";

    /** @param needed whether it must have a value */
    record Column(String name, Kind kind, boolean needed) {}

    boolean numbered() {
        return column(ID).isPresent();
    }

    Optional<Column> column(String wanted) {
        return columns.stream().filter(c -> c.name().equals(wanted)).findFirst();
    }

    /** Columns that refer to rows of the same table. */
    List<String> toItself() {
        return refers.entrySet().stream()
                .filter(r -> r.getValue().equals(name))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }
}
