package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * Not a test: how long the searches take with real fish. A hundred random tanks, in each the order of twenty arrivals
 * and the best set of sixty wishes.
 */
final class SolverFigures {
    private static final int TANKS = 100;
    private static final int WARM = 10;
    private static final int WISHES = 60;
    private static final int ARRIVALS = 20;
    private static final int LARGE_PART = 95;

    private SolverFigures() {}

    static void print() {
        List<Plan> plans = IntStream.range(0, WARM + TANKS)
                .mapToObj(seed -> new RealFish(seed).wishing(WISHES))
                .toList();
        say("the order of " + ARRIVALS + " arrivals", plans, plan -> {
            List<Party> taken = RealFish.making(ARRIVALS, plan);
            return new Scheduler(plan, taken).planned().exact();
        });
        say(
                "the best set of " + WISHES + " wishes",
                plans,
                plan -> BestSet.of(plan, plan.wishes()).proved());
    }

    private static void say(String what, List<Plan> plans, Predicate<Plan> proves) {
        plans.stream().limit(WARM).forEach(proves::test);
        double[] ms = new double[TANKS];
        int proved = 0;
        for (int i = 0; i < TANKS; i++) {
            long began = System.nanoTime();
            proved += proves.test(plans.get(WARM + i)) ? 1 : 0;
            ms[i] = (System.nanoTime() - began) / 1e6;
        }
        Arrays.sort(ms);
        System.out.printf(
                Locale.ROOT,
                "%s, %d random tanks: median %.0f ms, %d of 100 under %.0f ms, at most %.0f ms; %d proved%n",
                what,
                TANKS,
                ms[TANKS / 2],
                LARGE_PART,
                ms[TANKS * LARGE_PART / 100],
                ms[TANKS - 1],
                proved);
    }
}
