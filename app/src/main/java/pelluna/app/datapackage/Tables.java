package pelluna.app.datapackage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * What of the database goes into a package: every table that belongs to a tank or to a keeper, by what the database
 * says of itself, so that a new one cannot be forgotten. Left out is what belongs to other people, opens something, or
 * is gone after a while.
 */
@Component
class Tables {
    /** Grows with each migration that changes what is in a package. */
    static final int SCHEMA = 17;

    /** Secrets, other people's accounts, and what is kept for a while only. */
    static final Set<String> LEFT_OUT = Set.of(
            "account_link",
            "figures_key",
            "figures_source",
            "flyway_schema_history",
            "invitation",
            "keeper",
            "mail",
            "pool_life",
            "pool_pair",
            "pool_topic",
            "pooled_life",
            "pooled_pair",
            "program_token",
            "push_device",
            "push_key",
            "push_mailbox",
            "push_message",
            "reminder",
            "reminder_told",
            "sent_write",
            "shedlock",
            "share_link",
            "sheet_way",
            "spring_session",
            "spring_session_attributes",
            "tank_change",
            "tank_member",
            "user_credentials",
            "wrong_guess");
    /** Of a row's own history, of who it belongs to, and of single requests; who wrote and pictures go otherwise. */
    private static final Set<String> HIDDEN =
            Set.of("version", "keeper_id", "sent_key", "bytes", "author_id", "author_name");

    static final String AUTHOR = "author_id";
    private static final String TANK = "tank_id";
    static final String OF_TANK = "tank_id in (select id from tank where keeper_id = :keeper)";
    static final String OF_KEEPER = "keeper_id = :keeper";

    private final JdbcClient jdbc;

    Tables(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private record Found(String table, String column, String type, boolean needed) {}

    private record Arrow(String table, String column, String to) {}

    /** Whoever is referred to comes before who refers. */
    List<Table> all() {
        Map<String, List<Found>> columns = new TreeMap<>();
        jdbc
                .sql("""
                        select c.table_name, c.column_name, c.data_type, c.is_nullable = 'NO' as needed
                        from information_schema.columns c join information_schema.tables t
                          on t.table_schema = c.table_schema and t.table_name = c.table_name
                        where c.table_schema = 'public' and t.table_type = 'BASE TABLE'
                        order by c.table_name, c.ordinal_position""")
                .query((row, n) -> new Found(
                        row.getString("table_name"),
                        row.getString("column_name"),
                        row.getString("data_type"),
                        row.getBoolean("needed")))
                .list()
                .stream()
                .filter(f -> !LEFT_OUT.contains(f.table()))
                .forEach(f -> columns.computeIfAbsent(f.table(), t -> new ArrayList<>())
                        .add(f));
        Map<String, Map<String, String>> arrows = arrows(columns.keySet());
        Map<String, Table> all = new LinkedHashMap<>();
        columns.keySet().forEach(t -> add(t, columns, arrows, all));
        return List.copyOf(all.values());
    }

    private Map<String, Map<String, String>> arrows(Set<String> tables) {
        Map<String, Map<String, String>> arrows = new HashMap<>();
        jdbc
                .sql("""
                        select f.relname as from_table, a.attname as by_column, t.relname as to_table
                        from pg_constraint c
                          join pg_class f on f.oid = c.conrelid join pg_class t on t.oid = c.confrelid
                          join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
                        where c.contype = 'f' and cardinality(c.conkey) = 1""")
                .query((row, n) ->
                        new Arrow(row.getString("from_table"), row.getString("by_column"), row.getString("to_table")))
                .list()
                .stream()
                .filter(a -> tables.contains(a.table()) && tables.contains(a.to()))
                .forEach(a ->
                        arrows.computeIfAbsent(a.table(), t -> new TreeMap<>()).put(a.column(), a.to()));
        return arrows;
    }

    private static void add(
            String name,
            Map<String, List<Found>> columns,
            Map<String, Map<String, String>> arrows,
            Map<String, Table> all) {
        if (all.containsKey(name)) {
            return;
        }
        Map<String, String> refers = arrows.getOrDefault(name, Map.of());
        refers.values().stream().filter(t -> !t.equals(name)).forEach(t -> add(t, columns, arrows, all));
        List<Table.Column> shown = columns.get(name).stream()
                .filter(f -> !HIDDEN.contains(f.column()))
                .map(f -> new Table.Column(f.column(), Kind.of(f.type()), f.needed()))
                .toList();
        all.put(name, new Table(name, shown, refers, of(columns.get(name), refers, all)));
    }

    private static String of(List<Found> columns, Map<String, String> refers, Map<String, Table> all) {
        if (columns.stream().anyMatch(f -> f.column().equals(TANK))) {
            return OF_TANK;
        }
        if (columns.stream().anyMatch(f -> f.column().equals("keeper_id"))) {
            return OF_KEEPER;
        }
        Map.Entry<String, String> whole = refers.entrySet().stream()
                .filter(r ->
                        columns.stream().anyMatch(f -> f.needed() && f.column().equals(r.getKey())))
                .findFirst()
                .orElseThrow();
        return whole.getKey() + " in (select id from " + whole.getValue() + " where "
                + all.get(whole.getValue()).of() + ")";
    }

    /** Whether rows of a table say who wrote them. */
    boolean authored(String table) {
        String found = "select exists (select 1 from information_schema.columns "
                + "where table_schema = 'public' and table_name = ? and column_name = 'author_id')";
        return jdbc.sql(found).param(table).query(Boolean.class).single();
    }
}
