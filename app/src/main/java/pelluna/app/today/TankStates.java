package pelluna.app.today;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import pelluna.app.account.Beside;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.writes.TankVersion;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/**
 * How many tanks stand, each as its own page of Today would say. Found beside the requests and kept for a while, so
 * that a list of a hundred tanks waits for none of them.
 */
@Configuration
class TankStates {
    private static final Logger LOG = LoggerFactory.getLogger(TankStates.class);
    private static final int MOST = 5000;
    /** Readings of probes and the hours go on without anybody writing. Pelluna's judgement. */
    private static final long MINUTES = 10;

    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final TodayLists lists;
    private final TankVersion changes;
    private final Clock clock;
    private final Cache<Asked, Kept> kept =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Set<Asked> underWay = ConcurrentHashMap.newKeySet();
    private final ExecutorService beside = Executors.newFixedThreadPool(2, work -> {
        Thread thread = new Thread(work, "tank-states");
        thread.setDaemon(true);
        return thread;
    });

    TankStates(CurrentKeeper keeper, Ownership ownership, TodayLists lists, TankVersion changes, Clock clock) {
        this.changes = changes;
        this.keeper = keeper;
        this.ownership = ownership;
        this.lists = lists;
        this.clock = clock;
    }

    /** Each reader has a language and units of their own, and maybe another day. */
    private record Asked(long tank, long keeper, Locale language, UnitSystem units, LocalDate today) {}

    /** @param change of the tank that it was found at */
    private record Kept(TankState state, long minute, long change) {}

    /** The last known; empty if it is not known yet, or no longer so and being looked at. */
    Optional<TankState> of(OwnedTank tank) {
        Words say = keeper.words();
        Asked key = new Asked(tank.id(), keeper.get().id(), say.language(), say.units(), LocalDate.now(clock));
        Kept known = kept.getIfPresent(key);
        long change = changes.of(tank.id());
        if (known == null || known.change() != change || minute() - known.minute() >= MINUTES) {
            find(key, change);
        }
        return Optional.ofNullable(known).map(Kept::state);
    }

    private long minute() {
        return clock.millis() / 60_000;
    }

    private void find(Asked key, long change) {
        if (!underWay.add(key)) {
            return;
        }
        Supplier<TankState> work = Beside.request(keeper, () -> state(key.tank()));
        beside.execute(() -> {
            try {
                kept.put(key, new Kept(work.get(), minute(), change));
            } catch (NoSuchTankException gone) {
                kept.invalidate(key);
            } catch (RuntimeException e) {
                LOG.warn("How tank {} stands could not be found: {}", key.tank(), e.toString());
            } finally {
                underWay.remove(key);
            }
        });
    }

    private TankState state(long id) {
        TodayLists.Lists today = lists.of(ownership.tank(id));
        return TankState.of(today.todo(), today.watch());
    }

    @PreDestroy
    void stop() {
        beside.shutdownNow();
    }
}
