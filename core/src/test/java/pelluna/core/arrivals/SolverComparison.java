package pelluna.core.arrivals;

import java.util.Locale;
import java.util.SplittableRandom;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * Not a test: './pelluna bench solvers' runs it. The order of arrival by Pelluna and by a general-purpose constraint
 * solver
 * (choco-solver, its default search with restarts and the best bound it finds), on the same instances in one run, each
 * with
 * gaps, a place and a day by hand; quarantine, filter and precedence are left out of these, since they hang on sets
 * and have no plain form there.
 */
public final class SolverComparison {
    private static final int LIMIT_SECONDS = 20;

    private SolverComparison() {}

    public static void main(String[] args) {
        for (int warm = 0; warm < 5; warm++) {
            ExactOrder.solve(instance(10, warm));
        }
        System.out.println(
                "arrivals  Pelluna                       constraint solver, " + LIMIT_SECONDS + " s at most");
        for (int n : new int[] {6, 8, 10, 12, 14, 16}) {
            for (int seed = 1; seed <= 2; seed++) {
                compare(n, seed);
            }
        }
    }

    private static void compare(int n, int seed) {
        OrderProblem p = instance(n, seed);
        long began = System.nanoTime();
        Order ours = ExactOrder.solve(p);
        double took = (System.nanoTime() - began) / 1e6;
        long ourCost = ours.price() + p.timelineOf(ours.sequence()).waiting(p);
        began = System.nanoTime();
        Long theirs = choco(p);
        double theirTime = (System.nanoTime() - began) / 1e6;
        System.out.printf(
                Locale.ROOT,
                "%8d  %9d in %8.1f ms%s  %s in %8.1f ms  %s%n",
                n,
                ourCost,
                took,
                ours.exact() ? ", proved" : "        ",
                theirs == null ? "  nothing" : String.format(Locale.ROOT, "%9d", theirs),
                theirTime,
                theirs == null || ourCost <= theirs ? "never worse" : "WORSE");
        if (theirs != null && ourCost > theirs) {
            throw new IllegalStateException("a plan that is worse than the constraint solver's");
        }
    }

    static OrderProblem instance(int n, int seed) {
        SplittableRandom random = new SplittableRandom(seed * 1000L + n);
        long[][] price = new long[n][n];
        int[] gap = new int[n];
        for (int i = 0; i < n; i++) {
            gap[i] = random.nextBoolean() ? 14 : 28;
            for (int j = 0; j < n; j++) {
                price[i][j] = i == j ? 0 : random.nextInt(1000);
            }
        }
        OrderProblem.Pins pins =
                new OrderProblem.Pins(new int[n], OrderProblem.Pins.none(n).day(), 2);
        pins.place()[0] = 1 + n / 2;
        pins.day()[1] = 20 * (n - 1);
        return new OrderProblem(
                price, new int[n], gap, pins, OrderProblem.Quarantining.none(n), OrderProblem.FilterLimit.none(n));
    }

    /**
     * The same as linear ordering with days: who comes before whom, places that follow from it, days that keep the
     * gaps. @return the best cost found; null if none
     */
    private static Long choco(OrderProblem p) {
        int n = p.size();
        int horizon = 28 * n + p.pins().day()[1] + 28;
        Model model = new Model();
        BoolVar[][] before = new BoolVar[n][n];
        IntVar[] day = model.intVarArray("day", n, 0, horizon);
        IntVar[] place = model.intVarArray("place", n, 1, n);
        int[] prices = new int[n * (n - 1)];
        BoolVar[] chosen = new BoolVar[n * (n - 1)];
        int k = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                before[i][j] = model.boolVar();
                before[j][i] = before[i][j].not().boolVar();
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                if (i != j) {
                    chosen[k] = before[i][j];
                    prices[k++] = (int) p.price()[i][j];
                    model.arithm(place[i], "<", place[j]).reifyWith(before[i][j]);
                    model.ifThen(before[i][j], model.arithm(day[j], ">=", day[i], "+", p.gap()[i]));
                }
            }
        }
        model.allDifferent(place).post();
        int[] gaps = p.gap();
        IntVar sum = model.intVar("tension", 0, 1_000_000);
        model.scalar(chosen, prices, "=", sum).post();
        model.arithm(place[0], "=", p.pins().place()[0]).post();
        model.arithm(day[1], "=", p.pins().day()[1]).post();
        // The tank is idle before the pinned one for as long as its day is after all gaps before it.
        IntVar spent = model.intVar("spent", 0, horizon);
        BoolVar[] ahead = new BoolVar[n - 1];
        int[] aheadGaps = new int[n - 1];
        for (int i = 0, at = 0; i < n; i++) {
            if (i != 1) {
                ahead[at] = before[i][1];
                aheadGaps[at++] = gaps[i];
            }
        }
        model.scalar(ahead, aheadGaps, "=", spent).post();
        IntVar idle = model.intVar("idle", 0, horizon);
        model.arithm(idle, "+", spent, "=", p.pins().day()[1]).post();
        IntVar cost = model.intVar("cost", 0, 2_000_000);
        model.scalar(new IntVar[] {sum, idle}, new int[] {1, (int) p.pins().waitingADay()}, "=", cost)
                .post();
        model.getSolver().setSearch(Search.domOverWDegSearch(flat(before)), Search.inputOrderLBSearch(day));
        model.getSolver().limitTime(LIMIT_SECONDS + "s");
        Solution best = model.getSolver().findOptimalSolution(cost, Model.MINIMIZE);
        return best == null ? null : (long) best.getIntVal(cost);
    }

    private static BoolVar[] flat(BoolVar[][] before) {
        return java.util.stream.IntStream.range(0, before.length)
                .boxed()
                .flatMap(i ->
                        java.util.stream.IntStream.range(i + 1, before.length).mapToObj(j -> before[i][j]))
                .toArray(BoolVar[]::new);
    }
}
