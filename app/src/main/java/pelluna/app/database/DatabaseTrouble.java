package pelluna.app.database;

import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;

/** What is wrong with the database, told from a failure. */
public enum DatabaseTrouble {
    GONE("Pelluna cannot reach its database just now. What was saved before is safe."),
    SLOW("The database is too slow just now. What was saved before is safe."),
    LOCKED("Something else is writing to the same data and takes long. What was saved before is safe.");

    private static final int DEPTH = 20;
    private final String words;

    DatabaseTrouble(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** @return empty if the failure is no trouble of the database, but of what it was asked */
    public static Optional<DatabaseTrouble> of(Throwable failure) {
        Throwable t = failure;
        for (int i = 0; t != null && i < DEPTH; i++, t = t.getCause()) {
            if (t instanceof SocketTimeoutException) {
                return Optional.of(SLOW);
            }
            if (t instanceof SQLTransientConnectionException || closed(t)) {
                return Optional.of(GONE);
            }
            if (t instanceof SQLException sql && sql.getSQLState() != null) {
                Optional<DatabaseTrouble> trouble = ofState(sql.getSQLState(), sql);
                if (trouble.isPresent()) {
                    return trouble;
                }
            }
        }
        return Optional.empty();
    }

    /** A connection of the pool that was lost on the way says so without a state. */
    private static boolean closed(Throwable t) {
        return t instanceof SQLException sql
                && sql.getSQLState() == null
                && "Connection is closed".equals(sql.getMessage());
    }

    /** By the states that PostgreSQL documents (appendix A, error codes). */
    private static Optional<DatabaseTrouble> ofState(String state, SQLException sql) {
        if (state.equals("55P03") || state.equals("40P01")) {
            return Optional.of(LOCKED);
        }
        if (state.equals("57014")) {
            return Optional.of(SLOW);
        }
        if (state.startsWith("08") || state.startsWith("57P") || state.startsWith("53")) {
            return Optional.of(sql.getCause() instanceof SocketTimeoutException ? SLOW : GONE);
        }
        return Optional.empty();
    }
}
