package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import pelluna.core.units.Stop;

class OrderTest {
    static OrderProblem any(int n, long seed, boolean waits) {
        SplittableRandom random = new SplittableRandom(seed);
        long[][] price = new long[n][n];
        int[] earliest = new int[n];
        int[] gap = new int[n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                price[i][j] = i == j ? 0 : random.nextLong(100_000);
            }
            earliest[i] = waits && random.nextInt(3) == 0 ? random.nextInt(200) : 0;
            gap[i] = random.nextBoolean() ? 14 : 28;
        }
        return new OrderProblem(price, earliest, gap);
    }

    /** Every order that keeps the precedence, tried one by one. */
    private static long bruteForce(OrderProblem p, int[] order, int fixed) {
        if (fixed == order.length) {
            return p.keepsRules(order) ? p.priceOf(order) : Long.MAX_VALUE;
        }
        long best = Long.MAX_VALUE;
        for (int i = fixed; i < order.length; i++) {
            swap(order, fixed, i);
            best = Math.min(best, bruteForce(p, order, fixed + 1));
            swap(order, fixed, i);
        }
        return best;
    }

    private static void swap(int[] order, int a, int b) {
        int kept = order[a];
        order[a] = order[b];
        order[b] = kept;
    }

    @RepeatedTest(8)
    void theExactOrderIsTheBestOfAllUpToEight(RepetitionInfo run) {
        int n = run.getCurrentRepetition();
        for (boolean waits : new boolean[] {false, true}) {
            OrderProblem p = any(n, n * 31L, waits);
            Order exact = ExactOrder.solve(p);
            assertThat(exact.price())
                    .isEqualTo(
                            bruteForce(p, java.util.stream.IntStream.range(0, n).toArray(), 0))
                    .isEqualTo(p.priceOf(exact.sequence()));
            assertThat(p.keepsRules(exact.sequence())).isTrue();
            assertThat(Arrays.stream(exact.sequence()).sorted().toArray())
                    .isEqualTo(java.util.stream.IntStream.range(0, n).toArray());
        }
    }

    @RepeatedTest(5)
    void theBeamIsNeverBelowItsBoundAndRarelyAboveTheBest(RepetitionInfo run) {
        OrderProblem p = any(12, run.getCurrentRepetition(), run.getCurrentRepetition() % 2 == 0);
        Order beam = BeamOrder.solve(p);
        Order exact = ExactOrder.solve(p);
        assertThat(beam.price()).isEqualTo(p.priceOf(beam.sequence())).isGreaterThanOrEqualTo(exact.price());
        assertThat(beam.bound()).isLessThanOrEqualTo(exact.price());
        assertThat(p.keepsRules(beam.sequence())).isTrue();
    }

    @Test
    void beyondTwentyTheExactSolverSaysNo() {
        assertThatThrownBy(() -> ExactOrder.solve(any(21, 1, false))).isInstanceOf(IllegalArgumentException.class);
        assertThat(BeamOrder.solve(any(30, 1, true)).sequence()).hasSize(30);
    }

    @Test
    void nobodyIsAnOrderToo() {
        assertThat(ExactOrder.solve(any(0, 1, false)).price()).isZero();
    }

    /** Says no so many times, then yes. */
    private static Stop afterLooks(int looks) {
        AtomicInteger left = new AtomicInteger(looks);
        return () -> left.getAndDecrement() <= 0;
    }

    @Test
    void aSearchThatIsStoppedHasAWholeOrderAndSaysThatItWasStopped() {
        OrderProblem p = any(14, 3, true);
        Order whole = ExactOrder.solve(p, Stop.NEVER);
        assertThat(whole.exact()).isTrue();
        assertThat(whole.stopped()).isFalse();
        for (int looks : new int[] {0, 1, 5, 16}) {
            for (Order stopped : List.of(
                    ExactOrder.solve(p, afterLooks(looks)), BeamOrder.solve(any(40, 3, true), afterLooks(looks)))) {
                assertThat(stopped.stopped()).isTrue();
                assertThat(stopped.exact()).isFalse();
                assertThat(stopped.price()).isGreaterThanOrEqualTo(stopped.bound());
                assertThat(Arrays.stream(stopped.sequence()).distinct().count()).isEqualTo(stopped.sequence().length);
            }
            Order stopped = ExactOrder.solve(p, afterLooks(looks));
            assertThat(p.keepsRules(stopped.sequence())).isTrue();
            assertThat(stopped.price()).isGreaterThanOrEqualTo(whole.price()).isEqualTo(p.priceOf(stopped.sequence()));
        }
    }

    @Test
    void stopsCanBeJoined() {
        assertThat(Stop.NEVER.or(() -> true).now()).isTrue();
        assertThat(Stop.NEVER.or(Stop.NEVER).now()).isFalse();
        assertThat(Stop.after(Duration.ZERO).now()).isTrue();
        assertThat(Stop.after(Duration.ofDays(1)).now()).isFalse();
        Thread.currentThread().interrupt();
        assertThat(Stop.whenInterrupted().now()).isTrue();
        assertThat(Thread.interrupted())
                .as("asking does not take the interrupt back")
                .isTrue();
    }
}
