package pelluna.app.spreadsheet;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.limits.Steps;
import pelluna.app.limits.StoppedException;
import pelluna.app.writes.NotYetKnown;

/**
 * How far sheets are that are looked through or taken in just now, by the name that their page gave them. The node that
 * reads one knows at once; it tells the others by the database, and asks there whether it is to stop.
 */
@Component
class OnItsWay {
    private static final Logger LOG = LoggerFactory.getLogger(OnItsWay.class);
    private static final int MOST = 200;
    private static final Duration KEPT = Duration.ofMinutes(10);
    private static final Duration TOLD_EVERY = Duration.ofMillis(500);
    private static final int LONGEST_NAME = 64;

    private final Cache<String, Way> ways =
            Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(KEPT).build();
    private final JdbcClient jdbc;
    /** Seen by others while the sheet itself is not. */
    private final TransactionTemplate apart;

    OnItsWay(JdbcClient jdbc, PlatformTransactionManager transactions) {
        this.jdbc = jdbc;
        this.apart = new TransactionTemplate(transactions);
        apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** @param of rows, as far as they were counted */
    record Seen(long done, long of) {}

    private final class Way implements Steps {
        private final String name;
        private volatile Seen seen = new Seen(0, 0);
        private volatile boolean stopped;
        private long toldAt;

        Way(String name) {
            this.name = name;
            toldAt = System.nanoTime() - TOLD_EVERY.toNanos();
        }

        @Override
        public void at(long done, long of) {
            seen = new Seen(done, of);
            if (System.nanoTime() - toldAt >= TOLD_EVERY.toNanos()) {
                toldAt = System.nanoTime();
                stopped |= tell(name, seen);
            }
            if (stopped) {
                throw new StoppedException();
            }
        }
    }

    /** Does something long under the name that its page gave it; empty if nobody looks. */
    <T> T following(String name, Function<Steps, T> task) {
        boolean over = true;
        try {
            return task.apply(begins(name));
        } catch (NotYetKnown e) {
            over = false;
            throw e;
        } finally {
            if (over) {
                ways.invalidate(name);
                forget(name);
            }
        }
    }

    Steps begins(String name) {
        return name.isEmpty() || name.length() > LONGEST_NAME ? Steps.UNSEEN : ways.get(name, Way::new);
    }

    Optional<Seen> seen(String name) {
        return Optional.ofNullable(ways.getIfPresent(name)).map(w -> w.seen).or(() -> elsewhere(name));
    }

    void stop(String name) {
        Optional.ofNullable(ways.getIfPresent(name)).ifPresent(w -> w.stopped = true);
        apart.executeWithoutResult(t -> jdbc.sql("update sheet_way set stopped = true where name = ?")
                .param(name)
                .update());
    }

    /** @return whether somebody has stopped it */
    private boolean tell(String name, Seen seen) {
        return said(() -> jdbc.sql("""
                        insert into sheet_way (name, done, of_rows) values (?, ?, ?)
                        on conflict (name) do update set done = excluded.done, of_rows = excluded.of_rows,
                          seen_at = now() returning stopped""")
                        .params(name, seen.done(), seen.of())
                        .query(Boolean.class)
                        .single())
                .orElse(false);
    }

    /** Nothing if it could not be said: a sheet does not fail for that. */
    private <T> Optional<T> said(Supplier<T> what) {
        try {
            return Optional.ofNullable(apart.execute(t -> what.get()));
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("How far a sheet is could not be told", e);
            return Optional.empty();
        }
    }

    private Optional<Seen> elsewhere(String name) {
        return jdbc.sql("select done, of_rows from sheet_way where name = ?")
                .param(name)
                .query((row, n) -> new Seen(row.getLong("done"), row.getLong("of_rows")))
                .optional();
    }

    /** With those that a node has left behind which ended meanwhile. */
    private void forget(String name) {
        if (!name.isEmpty()) {
            said(() -> jdbc.sql("delete from sheet_way where name = ? or seen_at < now() - make_interval(mins => ?)")
                    .params(name, (int) KEPT.toMinutes())
                    .update());
        }
    }
}
