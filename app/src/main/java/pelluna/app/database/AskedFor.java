package pelluna.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collections;
import java.util.Map;
import java.util.OptionalLong;
import java.util.WeakHashMap;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.postgresql.jdbc.PgConnection;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;
import pelluna.app.account.SignedIn;

/**
 * Tells the database on every connection who asks, so that it shows nobody the rows of another keeper's tank, whatever
 * the program forgets to check. The server's own work asks for all, and says so.
 */
@Component
public class AskedFor implements BeanPostProcessor {
    private static final String NOBODY = "";
    private static final String ALL = "all";
    private static final String SAY =
            "select set_config('role', 'pelluna_asks', false), set_config('pelluna.keeper', ?, false)";
    /** Who asks instead of the keeper who has signed in; null for nobody instead. */
    private static final ThreadLocal<String> INSTEAD = new ThreadLocal<>();

    /** What the server does by itself, for no keeper. */
    public static <T> T all(Supplier<T> work) {
        return as(ALL, work);
    }

    /** What is asked before it is known who has signed in. */
    public static <T> T nobody(Supplier<T> work) {
        return as(NOBODY, work);
    }

    private static <T> T as(String who, Supplier<T> work) {
        String before = INSTEAD.get();
        INSTEAD.set(who);
        try {
            return work.get();
        } finally {
            INSTEAD.set(before);
        }
    }

    /** Who asks now: a number, nobody (empty), or "all". */
    static String who() {
        String instead = INSTEAD.get();
        if (instead != null) {
            return instead;
        }
        OptionalLong keeper = SignedIn.id();
        return keeper.isPresent() ? Long.toString(keeper.getAsLong()) : NOBODY;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource database ? new Telling(database) : bean;
    }

    /** Says it once for each connection of the pool, and anew when somebody else asks. */
    private static final class Telling extends DelegatingDataSource {
        private final Map<Object, String> told = Collections.synchronizedMap(new WeakHashMap<>());

        Telling(DataSource database) {
            super(database);
        }

        @Override
        public Connection getConnection() throws SQLException {
            String who = who();
            Connection connection = super.getConnection();
            try {
                Object line = connection.unwrap(PgConnection.class);
                if (!who.equals(told.get(line))) {
                    say(connection, who);
                    told.put(line, who);
                }
            } catch (SQLException | RuntimeException e) {
                connection.close();
                throw e;
            }
            return connection;
        }

        private static void say(Connection connection, String who) throws SQLException {
            try (PreparedStatement saying = connection.prepareStatement(SAY)) {
                saying.setString(1, who);
                saying.execute();
            }
        }
    }
}
