package pelluna.app.pooled;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import pelluna.app.database.OneNode;

/** Adds up what keepers share, some times a day and after each change: one node does it for all. */
@Component
class PoolRounds {
    private static final Logger LOG = LoggerFactory.getLogger(PoolRounds.class);
    private static final String NAME = "pooled-experience";
    /** A node that ended in the middle keeps the others away so long. */
    private static final Duration AT_MOST = Duration.ofMinutes(30);

    private final Pool pool;
    private final OneNode one;
    private final AtomicBoolean waits = new AtomicBoolean();
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "pooled");
        thread.setDaemon(true);
        return thread;
    });

    PoolRounds(Pool pool, OneNode one) {
        this.pool = pool;
        this.one = one;
    }

    @Scheduled(initialDelayString = "${pelluna.pooled.first}", fixedDelayString = "${pelluna.pooled.every}")
    void go() {
        try {
            one.does(NAME, AT_MOST, pool::all);
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("No database to add figures up; the next turn will", e);
        }
    }

    /** Adds up anew beside the request, when what it writes is there for all to see. */
    void soon() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                if (!waits.getAndSet(true)) {
                    beside.execute(PoolRounds.this::changed);
                }
            }
        });
    }

    /** However many ask meanwhile, once more is enough. */
    private void changed() {
        waits.set(false);
        try {
            pool.changed();
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("No database to add figures up; the next turn will", e);
        }
    }

    @PreDestroy
    void end() {
        beside.shutdown();
    }
}
