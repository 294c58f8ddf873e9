package pelluna.app.database;

import java.time.Duration;
import java.time.Instant;
import net.javacrumbs.shedlock.core.DefaultLockingTaskExecutor;
import net.javacrumbs.shedlock.core.LockConfiguration;
import net.javacrumbs.shedlock.core.LockingTaskExecutor;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Work of the server itself that one node does for all: while it does, the others pass over that turn. */
@Component
public class OneNode {
    private final LockingTaskExecutor turns;

    OneNode(JdbcTemplate jdbc) {
        turns = new DefaultLockingTaskExecutor(
                new JdbcTemplateLockProvider(JdbcTemplateLockProvider.Configuration.builder()
                        .withJdbcTemplate(jdbc)
                        // the clocks of the nodes may differ
                        .usingDbTime()
                        .build()));
    }

    /**
     * Does it now, or not at all where another node is at it.
     *
     * @param name   of the work, up to 64 letters
     * @param atMost how long a node that ended in the middle keeps the others away
     */
    public void does(String name, Duration atMost, Runnable work) {
        turns.executeWithLock(work, new LockConfiguration(Instant.now(), name, atMost, Duration.ZERO));
    }
}
