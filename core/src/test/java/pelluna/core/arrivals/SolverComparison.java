package pelluna.core.arrivals;

import java.util.Locale;
import java.util.SplittableRandom;

/**
 * Not a test: './pelluna bench solvers' runs it. The order of arrival by Pelluna and by a general-purpose constraint
 * solver on the same instances in one run, each with gaps, quarantine in two places, a box, a filter, a tank too
 * young for some, a place and two days by hand.
 */
public final class SolverComparison {
    private static final int LIMIT_SECONDS = 20;
    private static final int WARM = 5;

    private SolverComparison() {}

    public static void main(String[] args) {
        for (int warm = 0; warm < WARM; warm++) {
            ExactOrder.solve(instance(10, warm));
        }
        System.out.println("days too late and cost of the order");
        System.out.println(
                "arrivals  Pelluna                            constraint solver, " + LIMIT_SECONDS + " s at most");
        for (int n : new int[] {6, 8, 10, 12, 14, 16}) {
            for (int seed = 1; seed <= 2; seed++) {
                compare(n, seed);
            }
        }
        SolverFigures.print();
    }

    private static void compare(int n, int seed) {
        OrderProblem p = instance(n, seed);
        long began = System.nanoTime();
        Order ours = ExactOrder.solve(p);
        double took = (System.nanoTime() - began) / 1e6;
        long[] mine = costs(p, ours.sequence());
        began = System.nanoTime();
        ConstraintModel model = new ConstraintModel(p);
        long[] theirs = model.best(LIMIT_SECONDS);
        double theirTime = (System.nanoTime() - began) / 1e6;
        System.out.printf(
                Locale.ROOT,
                "%8d  %3d, %7d in %8.1f ms%s  %s in %8.1f ms%s  %s%n",
                n,
                mine[0],
                mine[1],
                took,
                ours.exact() ? ", proved" : "        ",
                theirs == null ? "     nothing" : String.format(Locale.ROOT, "%3d, %7d", theirs[0], theirs[1]),
                theirTime,
                model.proved() ? ", proved" : "        ",
                same(mine, theirs) ? "the same" : "better");
        if (!p.keepsRules(ours.sequence()) || worse(mine, theirs) || model.proved() && !same(mine, theirs)) {
            throw new IllegalStateException("the two solvers do not solve the same problem");
        }
    }

    static long[] costs(OrderProblem p, int[] sequence) {
        Timeline time = p.timelineOf(sequence);
        return new long[] {time.late(), p.priceOf(sequence) + time.waiting(p)};
    }

    static boolean same(long[] mine, long[] theirs) {
        return theirs != null && mine[0] == theirs[0] && mine[1] == theirs[1];
    }

    private static boolean worse(long[] mine, long[] theirs) {
        return theirs != null && (mine[0] > theirs[0] || mine[0] == theirs[0] && mine[1] > theirs[1]);
    }

    /** With everything that a plan can ask of its order; the same for the same seed. */
    static OrderProblem instance(int n, int seed) {
        SplittableRandom random = new SplittableRandom(seed * 1000L + n);
        long[][] price = new long[n][n];
        int[][] box = new int[n][n];
        int[] gap = new int[n];
        int[] earliest = new int[n];
        int[] quarantined = new int[n];
        int[] alone = new int[n];
        double[] load = new double[n];
        OrderProblem.Pins pins =
                new OrderProblem.Pins(new int[n], OrderProblem.Pins.none(n).day(), 2);
        for (int i = 0; i < n; i++) {
            gap[i] = random.nextBoolean() ? 14 : 28;
            earliest[i] = random.nextInt(3) == 0 ? 30 + random.nextInt(150) : 0;
            quarantined[i] = random.nextBoolean() ? 30 : 44;
            alone[i] = random.nextInt(4) == 0 ? 5 : 0;
            load[i] = 1 + random.nextInt(12);
            for (int j = 0; j < n; j++) {
                price[i][j] = i == j ? 0 : random.nextInt(1000);
                box[i][j] = i != j && random.nextInt(6) == 0 ? 7 : 0;
            }
        }
        pins.place()[0] = 1 + n / 2;
        pins.day()[1] = 20 * (n - 1);
        pins.day()[2] = 90;
        return new OrderProblem(
                price,
                earliest,
                gap,
                pins,
                new OrderProblem.Quarantining(2, quarantined, alone, box),
                new OrderProblem.FilterLimit(load, 3, 2));
    }
}
