package pelluna.app.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Knows when the database is gone, so that nobody waits for it in vain, and when it is back. */
@Component
public class DatabaseWatch {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseWatch.class);
    private static final int LOOK_EVERY_MS = 500;
    private static final int PATIENCE_S = 1;

    private final DataSource database;
    private final AtomicReference<DatabaseTrouble> trouble = new AtomicReference<>();

    DatabaseWatch(DataSource database) {
        this.database = database;
    }

    /** What is wrong now; empty if pages may ask. */
    public Optional<DatabaseTrouble> trouble() {
        return Optional.ofNullable(trouble.get());
    }

    /**
     * A page has met trouble: the watch looks itself until all is well. One page that waits for a lock is no reason to
     * stop the others.
     */
    public void met(DatabaseTrouble what) {
        if (what == DatabaseTrouble.GONE && trouble.compareAndSet(null, what)) {
            LOG.warn("The database does not answer; looking for it every {} ms", LOOK_EVERY_MS);
        }
    }

    @Scheduled(fixedDelay = LOOK_EVERY_MS)
    void look() {
        if (trouble.get() == null) {
            return;
        }
        try (Connection c = database.getConnection()) {
            if (c.isValid(PATIENCE_S)) {
                trouble.set(null);
                LOG.warn("The database answers");
            }
        } catch (SQLException e) {
            LOG.debug("Still no answer of the database", e);
        }
    }
}
