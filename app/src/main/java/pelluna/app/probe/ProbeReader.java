package pelluna.app.probe;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import jakarta.annotation.PreDestroy;

/** Asks every probe when it is due. One that does not answer is asked again at its next turn; a failure of one stops no other. */
@Component
class ProbeReader {
    private static final Logger LOG = LoggerFactory.getLogger(ProbeReader.class);
    private static final int EVERY_SECONDS = 20;

    private final ProbeDesk desk;
    private final ProbeLine line;
    private final ScheduledExecutorService turns = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread t = new Thread(task, "probe-reader");
        t.setDaemon(true);
        return t;
    });

    ProbeReader(ProbeDesk desk, ProbeLine line) {
        this.desk = desk;
        this.line = line;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        turns.scheduleWithFixedDelay(this::turn, 1, EVERY_SECONDS, TimeUnit.SECONDS);
    }

    void turn() {
        try {
            for (ProbeEntity p : desk.due()) {
                ask(p);
            }
        } catch (RuntimeException e) {
            LOG.warn("Probes could not be read this turn: {}", e.getMessage());
        }
    }

    private void ask(ProbeEntity p) {
        try {
            desk.answered(p.id(), line.read(p.address()));
        } catch (ProbeLine.NoAnswerException e) {
            desk.silent(p.id(), e.getMessage());
        } catch (RuntimeException e) {
            LOG.warn("A probe could not be read: {}", e.getMessage());
        }
    }

    @PreDestroy
    void stop() {
        turns.shutdownNow();
    }
}
