package pelluna.app.exchange;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets no more than two large computations run side by side; others wait their turn, and are told when it takes too
 * long.
 */
@Component
class AtOnce {
    private static final int MOST = 2;
    private static final int PATIENCE_S = 10;
    private final Semaphore places = new Semaphore(MOST, true);

    /** Nobody's turn came. */
    static final class BusyException extends RuntimeException {
        BusyException() {
            super("nobody's turn came");
        }
    }

    <T> T run(Supplier<T> task) {
        try {
            if (!places.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new BusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
        try {
            return task.get();
        } finally {
            places.release();
        }
    }
}
