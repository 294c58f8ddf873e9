package pelluna.app.datapackage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Ownership;
import pelluna.app.limits.Refused;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.picture.PictureFile;
import pelluna.app.planning.TankPlans;
import pelluna.core.catalogue.Catalogue;

/**
 * Brings a package into the account of whoever asks: every row with a new number, all or nothing. A row counts as the
 * database takes it, with all its checks; then every tank is read as a page would read it.
 */
@Component
class PackageReader {
    private static final int AT_ONCE = 500;
    private static final Set<String> SPECIES = Set.of("livestock", "quarantine_stay");

    private final Tables tables;
    private final JdbcClient jdbc;
    private final JdbcTemplate batches;
    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final TankPlans plans;
    private final KeeperCatalogue catalogue;

    PackageReader(
            Tables tables,
            JdbcClient jdbc,
            JdbcTemplate batches,
            CurrentKeeper keeper,
            Ownership ownership,
            TankPlans plans,
            KeeperCatalogue catalogue) {
        this.tables = tables;
        this.jdbc = jdbc;
        this.batches = batches;
        this.keeper = keeper;
        this.ownership = ownership;
        this.plans = plans;
        this.catalogue = catalogue;
    }

    /**
     * @return how many tanks came in
     * @throws Refused beside 'file', with what is wrong and where
     */
    @Transactional
    public int bringIn(Path file) throws IOException {
        try (OpenPackage open = new OpenPackage(file)) {
            return new Import(open).all();
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private final class Import {
        private final OpenPackage open;
        private final long who = keeper.get().id();
        private final boolean first = ownership.own().isEmpty();
        private final Numbers numbers = new Numbers();

        Import(OpenPackage open) {
            this.open = open;
        }

        int all() throws IOException {
            List<Table> all = tables.all();
            for (Table t : all) {
                if (t.numbered() && open.resource(t.name()).isPresent()) {
                    number(t);
                }
            }
            for (Table t : all) {
                if (open.resource(t.name()).isPresent()) {
                    table(t);
                }
            }
            if (first && open.resource(Settings.TABLE.name()).isPresent()) {
                settings();
            }
            List<Long> came = numbers.of("tank");
            came.forEach(this::readable);
            return came.size();
        }

        private void number(Table table) throws IOException {
            List<Long> before = new ArrayList<>();
            open.rows(open.resource(table.name()).orElseThrow(), rows -> {
                for (CSVRecord row : rows) {
                    before.add(Numbers.number(table.name(), row, cell(row, Table.ID)));
                }
            });
            List<Long> fresh = jdbc.sql("select nextval(pg_get_serial_sequence(?, 'id')) from generate_series(1, ?)")
                    .params(table.name(), before.size())
                    .query(Long.class)
                    .list();
            numbers.put(table.name(), before, fresh);
        }

        private void table(Table table) throws IOException {
            open.rows(open.resource(table.name()).orElseThrow(), rows -> new Rows(table, rows).all());
        }

        private static String cell(CSVRecord row, String column) {
            return row.isSet(column) && !row.get(column).isEmpty() ? row.get(column) : null;
        }

        /** The rows of one table. */
        private final class Rows {
            private final Table table;
            private final CSVParser rows;
            private final List<Table.Column> columns;
            private final boolean authored;
            private final List<Object[]> waiting = new ArrayList<>();
            private final List<Object[]> toItself = new ArrayList<>();
            private int line;

            Rows(Table table, CSVParser rows) {
                this.table = table;
                this.rows = rows;
                this.authored = tables.authored(table.name());
                List<String> there = rows.getHeaderNames();
                this.columns = table.columns().stream()
                        .filter(c -> there.contains(c.name()))
                        .toList();
            }

            void all() throws IOException {
                Catalogue known = SPECIES.contains(table.name()) ? catalogue.get() : null;
                for (CSVRecord row : rows) {
                    line++;
                    if (known != null && known.find(row.get("species")).isEmpty()) {
                        throw new Refused("file", new PackageRefusal.UnknownFish(row.get("species")));
                    }
                    waiting.add(values(row));
                    remember(row);
                    if (waiting.size() == AT_ONCE) {
                        send();
                    }
                }
                send();
                for (String column : table.toItself()) {
                    link(column);
                }
            }

            private Object[] values(CSVRecord row) throws IOException {
                List<Object> values = new ArrayList<>();
                for (Table.Column c : columns) {
                    values.add(value(c, row));
                }
                if (authored) {
                    boolean own = "true".equals(cell(row, Author.OWN.name()));
                    values.add(own ? who : null);
                    values.add(own ? null : cell(row, Author.NAME.name()));
                }
                if (table.name().equals("picture")) {
                    values.add(picture(row));
                }
                if (table.of().equals(Tables.OF_KEEPER)) {
                    values.add(who);
                }
                return values.toArray();
            }

            private Object value(Table.Column c, CSVRecord row) {
                String text = cell(row, c.name());
                if (text == null) {
                    return c.needed() && c.kind() == Kind.STRING ? "" : null;
                }
                if (c.name().equals(Table.ID)) {
                    return numbers.fresh(table.name(), row, text).toString();
                }
                String to = table.refers().get(c.name());
                if (to != null) {
                    return to.equals(table.name())
                            ? null
                            : numbers.fresh(to, row, text).toString();
                }
                return PlansInside.has(table.name(), c.name()) ? PlansInside.numbered(text, table, row, numbers) : text;
            }

            private byte[] picture(CSVRecord row) throws IOException {
                Descriptor.Resource resource = open.resource("picture-" + cell(row, Table.ID))
                        .orElseThrow(() -> new Refused("file", new PackageRefusal.BadRow(table.name(), line)));
                byte[] bytes = open.bytes(resource);
                PictureFile.check("file", bytes, cell(row, "type"));
                return bytes;
            }

            private void remember(CSVRecord row) {
                for (String column : table.toItself()) {
                    String text = cell(row, column);
                    if (text != null) {
                        toItself.add(new Object[] {
                            column,
                            numbers.fresh(table.name(), row, text),
                            numbers.fresh(table.name(), row, cell(row, Table.ID))
                        });
                    }
                }
            }

            private void send() {
                if (waiting.isEmpty()) {
                    return;
                }
                try {
                    batches.batchUpdate(insert(), waiting);
                } catch (DataAccessException e) {
                    throw new Refused("file", new PackageRefusal.BadRow(table.name(), line), e);
                }
                waiting.clear();
            }

            private String insert() {
                List<String> names =
                        new ArrayList<>(columns.stream().map(Table.Column::name).toList());
                List<String> places =
                        new ArrayList<>(columns.stream().map(c -> c.kind().in()).toList());
                if (authored) {
                    names.addAll(List.of(Tables.AUTHOR, "author_name"));
                    places.addAll(List.of("?::bigint", "?::text"));
                }
                if (table.name().equals("picture")) {
                    names.add("bytes");
                    places.add("?::bytea");
                }
                if (table.of().equals(Tables.OF_KEEPER)) {
                    names.add("keeper_id");
                    places.add("?::bigint");
                }
                return "insert into " + table.name() + " (" + String.join(", ", names) + ") values ("
                        + String.join(", ", places) + ") on conflict do nothing";
            }

            private void link(String column) {
                List<Object[]> pairs = toItself.stream()
                        .filter(p -> p[0].equals(column))
                        .map(p -> new Object[] {p[1], p[2]})
                        .toList();
                batches.batchUpdate("update " + table.name() + " set " + column + " = ? where id = ?", pairs);
            }
        }

        private void settings() throws IOException {
            open.rows(open.resource(Settings.TABLE.name()).orElseThrow(), rows -> {
                for (CSVRecord row : rows) {
                    Settings.take(row, keeper);
                }
            });
        }

        /** As a page would read it. */
        private void readable(long tank) {
            try {
                plans.check(plans.file(ownership.tank(tank)));
            } catch (Refused e) {
                throw e;
            } catch (RuntimeException e) {
                throw new Refused("file", new PackageRefusal.BadRow("tank", 0), e);
            }
        }
    }

    /** What the new number of a row is, by its table and its old one. */
    static final class Numbers {
        private final Map<String, Map<Long, Long>> all = new HashMap<>();

        void put(String table, List<Long> before, List<Long> fresh) {
            Map<Long, Long> pairs = new HashMap<>();
            for (int i = 0; i < before.size(); i++) {
                if (pairs.put(before.get(i), fresh.get(i)) != null) {
                    throw new Refused("file", new PackageRefusal.BadRow(table, i + 1));
                }
            }
            all.put(table, pairs);
        }

        /** Those of a table, in the order of their making. */
        List<Long> of(String table) {
            return all.getOrDefault(table, Map.of()).values().stream().sorted().collect(Collectors.toList());
        }

        Optional<Long> find(String table, long before) {
            return Optional.ofNullable(all.getOrDefault(table, Map.of()).get(before));
        }

        Long fresh(String table, CSVRecord row, String before) {
            Long fresh = all.getOrDefault(table, Map.of()).get(number(table, row, before));
            if (fresh == null) {
                throw new Refused("file", new PackageRefusal.BadRow(table, (int) row.getRecordNumber()));
            }
            return fresh;
        }

        static Long number(String table, CSVRecord row, String text) {
            try {
                return Long.valueOf(text);
            } catch (NumberFormatException e) {
                throw new Refused("file", new PackageRefusal.BadRow(table, (int) row.getRecordNumber()), e);
            }
        }
    }
}
