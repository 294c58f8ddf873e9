package pelluna.app.datapackage;

import java.util.List;

/** Who wrote a row: by name, and whether it was whose package this is. No other account is in a package. */
final class Author {
    static final Table.Column NAME = new Table.Column("author", Kind.STRING, false);
    static final Table.Column OWN = new Table.Column("author_is_owner", Kind.BOOLEAN, true);
    static final List<Table.Column> COLUMNS = List.of(NAME, OWN);

    private Author() {}

    /** Expressions for both, of a row {@code r}; {@code :keeper} is whose package it is. */
    static List<String> out() {
        return List.of(
                "coalesce((select name from keeper where id = r.author_id), r.author_name)",
                "coalesce(r.author_id = :keeper, false)::text");
    }
}
