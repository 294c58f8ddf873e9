package pelluna.app.probe;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import pelluna.app.database.AskedFor;
import pelluna.app.database.OneNode;
import pelluna.app.limits.Refused;
import pelluna.core.units.Statement;

/**
 * Asks every probe when it is due, each in a thread of its own up to a bound: one that is slow or fails holds up no
 * other.
 */
@Component
class ProbeReader {
    private static final Logger LOG = LoggerFactory.getLogger(ProbeReader.class);
    private static final int EVERY_SECONDS = 20;
    private static final int MOST_AT_ONCE = 8;
    private static final ThreadFactory DAEMONS = task -> {
        Thread t = new Thread(task, "probe-reader");
        t.setDaemon(true);
        return t;
    };

    private static final Duration AT_MOST = Duration.ofMinutes(2);

    private final OneNode nodes;
    private final Probes opened;
    private final ProbeLine line;
    private final ScheduledExecutorService turns = Executors.newSingleThreadScheduledExecutor(DAEMONS);
    private final ExecutorService askers = Executors.newFixedThreadPool(MOST_AT_ONCE, DAEMONS);
    private final Set<Long> asked = ConcurrentHashMap.newKeySet();

    ProbeReader(Probes opened, ProbeLine line, OneNode nodes) {
        this.nodes = nodes;
        this.opened = opened;
        this.line = line;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        turns.scheduleWithFixedDelay(this::turn, 1, EVERY_SECONDS, TimeUnit.SECONDS);
    }

    void turn() {
        try {
            AskedFor.all(() -> {
                nodes.does("probes", AT_MOST, this::askAll);
                return true;
            });
        } catch (RuntimeException e) {
            LOG.warn("Probes could not be read this turn: {}", e.getMessage());
        }
    }

    private void askAll() {
        try {
            List<Callable<Void>> due = AskedFor.all(opened::due).stream()
                    .<Callable<Void>>map(p -> () -> {
                        AskedFor.all(() -> ask(p));
                        return null;
                    })
                    .toList();
            askers.invokeAll(due);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** @return whether nobody else was asking it */
    private boolean ask(ProbeEntity p) {
        if (!asked.add(p.id())) {
            return false;
        }
        try {
            opened.answered(p.id(), line.read(opened.address(p.address())));
        } catch (ProbeLine.NoAnswerException e) {
            silent(p, e.why());
        } catch (Refused e) {
            silent(p, e.why());
        } catch (RuntimeException e) {
            LOG.warn("A probe could not be read: {}", e.getMessage());
        } finally {
            asked.remove(p.id());
        }
        return true;
    }

    private void silent(ProbeEntity p, Statement why) {
        try {
            opened.silent(p.id(), why);
        } catch (RuntimeException e) {
            LOG.warn("That a probe is silent could not be kept: {}", e.getMessage());
        }
    }

    @PreDestroy
    void stop() {
        turns.shutdownNow();
        askers.shutdownNow();
    }
}
