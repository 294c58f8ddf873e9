package pelluna.app.spreadsheet;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import pelluna.app.limits.Steps;
import pelluna.app.limits.StoppedException;
import pelluna.app.writes.NotYetKnown;

/** How far sheets are that are looked through or taken in just now, by the name that their page gave them. */
@Component
class OnItsWay {
    private static final int MOST = 200;
    private static final Duration KEPT = Duration.ofMinutes(10);

    private final Cache<String, Way> ways =
            Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(KEPT).build();

    /** @param of rows, as far as they were counted */
    record Seen(long done, long of) {}

    private static final class Way implements Steps {
        private volatile Seen seen = new Seen(0, 0);
        private volatile boolean stopped;

        @Override
        public void at(long done, long of) {
            seen = new Seen(done, of);
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
            }
        }
    }

    Steps begins(String name) {
        return name.isEmpty() ? Steps.UNSEEN : ways.get(name, n -> new Way());
    }

    Optional<Seen> seen(String name) {
        return Optional.ofNullable(ways.getIfPresent(name)).map(w -> w.seen);
    }

    void stop(String name) {
        Optional.ofNullable(ways.getIfPresent(name)).ifPresent(w -> w.stopped = true);
    }
}
