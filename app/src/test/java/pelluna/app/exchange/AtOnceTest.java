package pelluna.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** Large computations wait for one another, so that they do not take the memory of everything else. */
class AtOnceTest {
    @Test
    void noMoreThanTwoRunSideBySideAndAllGetTheirTurn() {
        AtOnce atOnce = new AtOnce();
        AtomicInteger running = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch two = new CountDownLatch(2);
        CompletableFuture<?>[] all = new CompletableFuture<?>[6];
        for (int i = 0; i < all.length; i++) {
            all[i] = CompletableFuture.runAsync(
                    () -> atOnce.run(() -> {
                        most.accumulateAndGet(running.incrementAndGet(), Math::max);
                        two.countDown();
                        awaited(two);
                        running.decrementAndGet();
                        return 0;
                    }),
                    task -> new Thread(task).start());
        }
        CompletableFuture.allOf(all).join();
        assertThat(most.get()).isEqualTo(2);
    }

    private static void awaited(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
