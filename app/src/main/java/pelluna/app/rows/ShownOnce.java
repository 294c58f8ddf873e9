package pelluna.app.rows;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/** A secret between the moment it is made and the page that shows it: in memory, for two minutes, and nowhere else. */
@Component
public class ShownOnce {
    private static final Duration LONG_ENOUGH = Duration.ofMinutes(2);
    private static final int MOST = 1000;

    private final Cache<Place, String> kept;

    ShownOnce(Clock clock) {
        kept = Caffeine.newBuilder()
                .maximumSize(MOST)
                .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
                .expireAfterWrite(LONG_ENOUGH)
                .build();
    }

    private record Place(long keeper, long tank, String what) {}

    /** @param keeper who may see it; @param what where it is shown */
    public void keep(long keeper, long tank, String what, String secret) {
        kept.put(new Place(keeper, tank, what), secret);
    }

    public Optional<String> of(long keeper, long tank, String what) {
        return Optional.ofNullable(kept.getIfPresent(new Place(keeper, tank, what)));
    }

    /** Once it opens nothing any more. */
    public void forget(long keeper, long tank, String what) {
        kept.invalidate(new Place(keeper, tank, what));
    }
}
