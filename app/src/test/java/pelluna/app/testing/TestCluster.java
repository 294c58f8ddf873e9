package pelluna.app.testing;

import java.net.URI;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** The PostgreSQL of './pelluna test', and in it the database of this process of tests: others run beside it. */
public final class TestCluster {
    private static final String FIRST = System.getenv("PELLUNA_TEST_DB_URL");
    private static final String PASSWORD = System.getenv("PELLUNA_TEST_DB_PASSWORD");
    private static final String OWN = System.getProperty("pelluna.test.database", "pelluna_test_1");
    private static boolean made;

    private TestCluster() {}

    /** Of this process's own database, made when it is first asked for. */
    public static synchronized String url() {
        if (!made) {
            make();
            made = true;
        }
        return url(OWN);
    }

    static String url(String database) {
        return first().replaceFirst("/[^/]*$", "/" + database);
    }

    public static String password() {
        return PASSWORD;
    }

    public static int port() {
        return URI.create(first().substring("jdbc:".length())).getPort();
    }

    /** The data folder of the cluster, as the launcher has one. */
    public static Path home() {
        return Path.of(System.getenv("PELLUNA_TEST_HOME"));
    }

    /** A path as of a URI: '/pelluna_test_1'. */
    public static String path() {
        return URI.create(url().substring("jdbc:".length())).getPath();
    }

    /** The database as who runs it sees it: every row of every keeper. */
    public static JdbcClient jdbc() {
        return JdbcClient.create(new DriverManagerDataSource(url(), "pelluna", PASSWORD));
    }

    public static Connection connect() throws SQLException {
        return connect(url());
    }

    static Connection connect(String to) throws SQLException {
        return DriverManager.getConnection(to, "pelluna", PASSWORD);
    }

    private static String first() {
        if (FIRST == null) {
            throw new IllegalStateException("These tests need their PostgreSQL cluster: run ./pelluna test");
        }
        return FIRST;
    }

    private static void make() {
        try (Connection c = connect(first());
                Statement s = c.createStatement();
                ResultSet there = s.executeQuery("select 1 from pg_database where datname = '" + OWN + "'")) {
            if (!there.next()) {
                s.execute("create database " + OWN);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
