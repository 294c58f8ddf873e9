package pelluna.app.log;

import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import pelluna.app.database.AskedFor;
import pelluna.app.database.OneNode;

/** Ends watches that nobody ended, so that reading need not. */
@Component
class ForgottenWatches {
    private static final Logger LOG = LoggerFactory.getLogger(ForgottenWatches.class);
    private static final long EVERY_MS = 60_000;

    private static final Duration AT_MOST = Duration.ofMinutes(5);

    private final LogBook log;
    private final OneNode nodes;

    ForgottenWatches(LogBook log, OneNode nodes) {
        this.log = log;
        this.nodes = nodes;
    }

    @Scheduled(fixedDelay = EVERY_MS)
    void look() {
        try {
            AskedFor.all(() -> {
                nodes.does("forgotten-watches", AT_MOST, log::endForgotten);
                return true;
            });
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("No database to look at watches; the next turn will", e);
        }
    }
}
