package pelluna.app.database;

import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import pelluna.app.limits.Refusal;

/** What is wrong with the database, told from a failure. */
public enum DatabaseTrouble implements Refusal {
    GONE,
    SLOW,
    LOCKED,
    FULL;

    private static final int DEPTH = 20;

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
        if (state.equals("53100")) {
            return Optional.of(FULL);
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
