package pelluna.core.units;

import java.time.Duration;

/**
 * When a search is to end with the best it has found. Asked often and by any thread; once it has said yes it goes on
 * saying so.
 */
@FunctionalInterface
public interface Stop {
    /** The search goes on until it is done. */
    Stop NEVER = () -> false;

    boolean now();

    /** So long from now. */
    static Stop after(Duration time) {
        long end = System.nanoTime() + time.toNanos();
        return () -> System.nanoTime() - end >= 0;
    }

    /** As soon as the thread that asks is interrupted. */
    static Stop whenInterrupted() {
        return () -> Thread.currentThread().isInterrupted();
    }

    default Stop or(Stop other) {
        return () -> now() || other.now();
    }
}
