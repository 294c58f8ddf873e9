package pelluna.app.datapackage;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.TankPlans;

/** Writes everything of an account into one file, as it stood at one moment. */
@Component
class PackageWriter {
    static final String CSV = "csv";
    private static final String TABULAR = "tabular-data-resource";
    private static final String PLAIN = "data-resource";

    private final Tables tables;
    private final JdbcClient jdbc;
    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final TankPlans plans;
    private final PlanFiles files;
    private final Clock clock;
    private final TransactionTemplate moment;

    PackageWriter(
            Tables tables,
            JdbcClient jdbc,
            CurrentKeeper keeper,
            Ownership ownership,
            TankPlans plans,
            PlanFiles files,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.tables = tables;
        this.jdbc = jdbc;
        this.keeper = keeper;
        this.ownership = ownership;
        this.plans = plans;
        this.files = files;
        this.clock = clock;
        this.moment = new TransactionTemplate(transactions);
        moment.setReadOnly(true);
        moment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    /** @param to is not closed */
    void write(OutputStream to) throws IOException {
        try {
            moment.executeWithoutResult(status -> {
                try {
                    new Zip(to).write();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    /** What a statement fills in. */
    @FunctionalInterface
    private interface Filling {
        void into(OutputStream entry) throws IOException;
    }

    private final class Zip {
        private final ZipOutputStream zip;
        private final long who = keeper.get().id();
        private final List<Descriptor.Resource> resources = new ArrayList<>();

        Zip(OutputStream to) {
            zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
        }

        void write() throws IOException {
            table(Settings.TABLE, false, Settings.OUT);
            for (Table t : tables.all()) {
                table(t, tables.authored(t.name()), null);
            }
            for (Ownership.Entered e : ownership.entered()) {
                if (e.tank().owner() == who) {
                    plan(e.tank());
                }
            }
            pictures();
            Descriptor descriptor = new Descriptor(
                    "data-package",
                    "pelluna",
                    "Pelluna",
                    clock.instant().truncatedTo(ChronoUnit.SECONDS).toString(),
                    Tables.SCHEMA,
                    resources);
            zip.putNextEntry(new ZipEntry(Descriptor.FILE));
            zip.write(descriptor.json().getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
            zip.finish();
        }

        /** @param select what is asked for; null for the columns of the table */
        private void table(Table table, boolean authored, String select) throws IOException {
            List<Table.Column> columns = authored
                    ? Stream.concat(table.columns().stream(), Author.COLUMNS.stream())
                            .toList()
                    : table.columns();
            String sql = select != null ? select : select(table, authored);
            entry(
                    new Descriptor.Resource(
                            TABULAR,
                            table.name(),
                            table.name() + ".csv",
                            CSV,
                            "text/csv",
                            "utf-8",
                            null,
                            null,
                            schema(table, columns)),
                    out -> rows(sql, columns, out));
        }

        private static String select(Table table, boolean authored) {
            List<String> what = new ArrayList<>(table.columns().stream()
                    .map(c -> c.kind().out("r." + c.name()))
                    .toList());
            if (authored) {
                what.addAll(Author.out());
            }
            return "select " + String.join(", ", what) + " from " + table.name() + " r where " + table.of()
                    + " order by " + (table.numbered() ? "r.id" : "1, 2, 3");
        }

        private void rows(String sql, List<Table.Column> columns, OutputStream out) throws IOException {
            Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180);
            csv.printRecord(columns.stream().map(Table.Column::name));
            jdbc.sql(sql).param("keeper", who).query((RowCallbackHandler) row -> record(csv, row, columns.size()));
            csv.flush();
        }

        private static void record(CSVPrinter csv, ResultSet row, int columns) throws SQLException {
            try {
                for (int i = 1; i <= columns; i++) {
                    csv.print(row.getString(i));
                }
                csv.println();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        private void plan(OwnedTank tank) throws IOException {
            String plan = files.write(plans.file(tank).unnumbered());
            entry(
                    new Descriptor.Resource(
                            PLAIN,
                            "plan-" + tank,
                            "plans/" + tank + ".json",
                            "json",
                            "application/json",
                            "utf-8",
                            null,
                            null,
                            null),
                    out -> out.write(plan.getBytes(StandardCharsets.UTF_8)));
        }

        private void pictures() throws IOException {
            List<Long> all = jdbc.sql("select id from picture where tank_id in "
                            + "(select id from tank where keeper_id = ?) order by id")
                    .param(who)
                    .query(Long.class)
                    .list();
            for (long id : all) {
                Picture picture = jdbc.sql("select bytes, type from picture where id = ?")
                        .param(id)
                        .query((row, n) -> new Picture(row.getBytes("bytes"), row.getString("type")))
                        .single();
                entry(
                        new Descriptor.Resource(
                                PLAIN,
                                "picture-" + id,
                                path(id, picture.type()),
                                null,
                                picture.type(),
                                null,
                                null,
                                null,
                                null),
                        out -> out.write(picture.bytes()));
            }
        }

        private void entry(Descriptor.Resource resource, Filling filling) throws IOException {
            zip.putNextEntry(new ZipEntry(resource.path()));
            Summing summing = new Summing(zip);
            filling.into(summing);
            zip.closeEntry();
            resources.add(new Descriptor.Resource(
                    resource.profile(),
                    resource.name(),
                    resource.path(),
                    resource.format(),
                    resource.mediatype(),
                    resource.encoding(),
                    summing.bytes,
                    "sha256:" + HexFormat.of().formatHex(summing.sum.digest()),
                    resource.schema()));
        }
    }

    private record Picture(byte[] bytes, String type) {}

    /** Where a picture lies in a package. */
    static String path(long id, String type) {
        return "pictures/" + id + "." + type.replaceFirst(".*/", "");
    }

    private static Descriptor.Schema schema(Table table, List<Table.Column> columns) {
        List<Descriptor.Field> fields = columns.stream()
                .map(c -> new Descriptor.Field(
                        c.name(),
                        c.kind().type(),
                        c.kind().format(),
                        c.needed() && c.kind() != Kind.STRING ? new Descriptor.Constraints(true) : null))
                .toList();
        List<Descriptor.ForeignKey> keys = table.refers().entrySet().stream()
                .map(r -> new Descriptor.ForeignKey(
                        r.getKey(),
                        new Descriptor.Reference(r.getValue().equals(table.name()) ? "" : r.getValue(), Table.ID)))
                .toList();
        return new Descriptor.Schema(
                fields, List.of(""), table.numbered() ? Table.ID : null, keys.isEmpty() ? null : keys);
    }

    /** Counts and sums what goes through. */
    private static final class Summing extends FilterOutputStream {
        private final MessageDigest sum = sha256();
        private long bytes;

        Summing(OutputStream out) {
            super(out);
        }

        static MessageDigest sha256() {
            try {
                return MessageDigest.getInstance("SHA-256");
            } catch (NoSuchAlgorithmException e) {
                throw new IllegalStateException(e);
            }
        }

        @Override
        public void write(int b) throws IOException {
            write(new byte[] {(byte) b}, 0, 1);
        }

        @Override
        public void write(byte[] from, int start, int length) throws IOException {
            out.write(from, start, length);
            sum.update(from, start, length);
            bytes += length;
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
