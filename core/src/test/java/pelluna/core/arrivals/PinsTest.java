package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Orders around days, places, quarantine places and the filter, each against every order tried one by one. */
class PinsTest {
    private record Cost(int late, long price) implements Comparable<Cost> {
        @Override
        public int compareTo(Cost other) {
            return late != other.late ? Integer.compare(late, other.late) : Long.compare(price, other.price);
        }
    }

    static OrderProblem any(int n, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        OrderProblem free = OrderTest.any(n, seed, random.nextBoolean());
        OrderProblem.Pins pins = OrderProblem.Pins.none(n);
        if (n > 2) {
            pins = new OrderProblem.Pins(new int[n], pins.day(), 500);
            pins.day()[random.nextInt(n)] = random.nextInt(120);
            pins.day()[random.nextInt(n)] = random.nextInt(160);
            pins.place()[random.nextInt(n)] = 1 + random.nextInt(n);
        }
        int[] days =
                IntStream.range(0, n).map(i -> random.nextBoolean() ? 28 : 30).toArray();
        int[] alone =
                IntStream.range(0, n).map(i -> random.nextInt(3) == 0 ? 7 : 0).toArray();
        int[][] box = new int[n][n];
        double[] load = new double[n];
        for (int i = 0; i < n; i++) {
            load[i] = 0.02 + 0.1 * random.nextDouble();
            for (int j = 0; j < n; j++) {
                box[i][j] = i != j && random.nextInt(6) == 0 ? 14 : 0;
            }
        }
        return new OrderProblem(
                free.price(),
                free.earliest(),
                free.gap(),
                pins,
                new OrderProblem.Quarantining(random.nextInt(3), days, alone, box),
                new OrderProblem.FilterLimit(load, 0.08, 1.7));
    }

    private static Cost cost(OrderProblem p, int[] order) {
        Timeline t = p.timelineOf(order);
        return new Cost(t.late(), p.priceOf(order) + t.waiting(p));
    }

    private static Cost bruteForce(OrderProblem p, int[] order, int fixed) {
        if (fixed == order.length) {
            return p.keepsRules(order) ? cost(p, order) : new Cost(Integer.MAX_VALUE, Long.MAX_VALUE);
        }
        Cost best = new Cost(Integer.MAX_VALUE, Long.MAX_VALUE);
        for (int i = fixed; i < order.length; i++) {
            int kept = order[fixed];
            order[fixed] = order[i];
            order[i] = kept;
            Cost one = bruteForce(p, order, fixed + 1);
            best = one.compareTo(best) < 0 ? one : best;
            order[i] = order[fixed];
            order[fixed] = kept;
        }
        return best;
    }

    @RepeatedTest(24)
    void theOrderAroundWhatTheHandDecidedIsTheBestOfAll(RepetitionInfo run) {
        int n = 2 + run.getCurrentRepetition() % 6;
        OrderProblem p = any(n, run.getCurrentRepetition() * 977L);
        Order exact = ExactOrder.solve(p);
        assertThat(p.keepsRules(exact.sequence())).isTrue();
        assertThat(cost(p, exact.sequence()))
                .isEqualTo(bruteForce(p, IntStream.range(0, n).toArray(), 0));
        assertThat(exact.exact()).isTrue();
    }

    @RepeatedTest(6)
    void theBeamKeepsTheSameRulesAndIsNeverBetter(RepetitionInfo run) {
        OrderProblem p = any(10, run.getCurrentRepetition() * 31L);
        Order beam = BeamOrder.solve(p);
        assertThat(p.keepsRules(beam.sequence())).isTrue();
        assertThat(cost(p, beam.sequence()))
                .isGreaterThanOrEqualTo(cost(p, ExactOrder.solve(p).sequence()));
        assertThat(beam.bound()).isLessThanOrEqualTo(beam.price());
    }

    @Test
    void twentyArrivalsAroundDaysPlacesQuarantineAndFilterAreProved() {
        OrderProblem p = any(20, 5);
        Order exact = ExactOrder.solve(p);
        assertThat(exact.exact()).isTrue();
        assertThat(p.keepsRules(exact.sequence())).isTrue();
        assertThat(cost(p, exact.sequence()))
                .isLessThanOrEqualTo(cost(p, BeamOrder.solve(p).sequence()));
    }

    @Test
    void whatTheFilterCannotCarryComesLater() {
        long[][] price = {{0, 0}, {100, 0}};
        OrderProblem free = new OrderProblem(price, new int[2], new int[] {14, 14});
        assertThat(ExactOrder.solve(free).sequence()).containsExactly(0, 1);
        OrderProblem limited = new OrderProblem(
                price,
                new int[2],
                new int[] {14, 14},
                OrderProblem.Pins.none(2),
                OrderProblem.Quarantining.none(2),
                new OrderProblem.FilterLimit(new double[] {0.2, 0.05}, 0.1, 1.7));
        assertThat(ExactOrder.solve(limited).sequence()).containsExactly(1, 0);
    }

    @Test
    void aDayByHandIsKeptWhereQuarantineLeavesRoomForIt() {
        OrderProblem one = new OrderProblem(
                new long[][] {{0}},
                new int[1],
                new int[] {14},
                new OrderProblem.Pins(new int[1], new int[] {40}, 1),
                new OrderProblem.Quarantining(1, new int[] {30}, new int[] {7}, new int[1][1]),
                OrderProblem.FilterLimit.none(1));
        Timeline.Slot slot = Timeline.start(one).then(one, 0, 7);
        assertThat(slot)
                .extracting(Timeline.Slot::quarantineFrom, Timeline.Slot::boxFrom, Timeline.Slot::releaseOn)
                .containsExactly(3, 33, 40);
        assertThat(slot.after().idle()).isEqualTo(3);
        assertThat(slot.after().late()).isZero();
    }
}
