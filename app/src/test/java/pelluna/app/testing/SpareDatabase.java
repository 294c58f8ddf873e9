package pelluna.app.testing;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.flywaydb.core.api.migration.JavaMigration;

/** A database of its own for one test, beside that of the running application. */
public final class SpareDatabase implements AutoCloseable {
    private final String name;
    private final String url;

    public SpareDatabase() throws SQLException {
        this("old_" + UUID.randomUUID().toString().replace("-", ""));
        runAt(TestCluster.url(), "create database " + name);
    }

    private SpareDatabase(String name) {
        this.name = name;
        this.url = TestCluster.url(name);
    }

    /** One that is there already. */
    public static SpareDatabase named(String name) {
        return new SpareDatabase(name);
    }

    public String name() {
        return name;
    }

    /** With what the demo of a release had written, as it was dumped then. @param release as 'v6' */
    public static SpareDatabase of(String release) throws SQLException, IOException {
        SpareDatabase database = new SpareDatabase();
        try (InputStream in = SpareDatabase.class.getResourceAsStream("/released/" + release + ".sql.gz");
                GZIPInputStream sql = new GZIPInputStream(in)) {
            runAt(database.url, new String(sql.readAllBytes(), StandardCharsets.UTF_8));
        }
        return database;
    }

    public Connection connect() throws SQLException {
        return TestCluster.connect(url);
    }

    public void run(String... statements) throws SQLException {
        runAt(url, statements);
    }

    private static void runAt(String to, String... statements) throws SQLException {
        try (Connection c = TestCluster.connect(to);
                Statement s = c.createStatement()) {
            for (String sql : statements) {
                s.execute(sql);
            }
        }
    }

    /** The first column of every row. */
    public List<String> all(String sql) throws SQLException {
        try (Connection c = connect();
                Statement s = c.createStatement();
                ResultSet row = s.executeQuery(sql)) {
            List<String> found = new ArrayList<>();
            while (row.next()) {
                found.add(row.getString(1));
            }
            return found;
        }
    }

    public String asked(String sql) throws SQLException {
        return all(sql).get(0);
    }

    /** Brings it over to a release. */
    public void to(String version) {
        flyway().target(version).load().migrate();
    }

    /** Brings it over to this release. */
    public void toNow() {
        flyway().load().migrate();
    }

    private FluentConfiguration flyway() {
        return Flyway.configure()
                .dataSource(url, "pelluna", TestCluster.password())
                .locations("classpath:db/migration")
                .javaMigrations(Pelluna.bean(JavaMigration.class));
    }

    @Override
    public void close() throws SQLException {
        runAt(TestCluster.url(), "drop database " + name);
    }
}
