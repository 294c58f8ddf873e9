package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * An {@link OrderProblem} for a general-purpose constraint solver (choco-solver): who comes when as one variable for
 * each place, and all that the rules of an order say: places and days by hand, precedence by the tank's age, the
 * filter, quarantine in two places, days in the box. For loads that are whole numbers, a filter that carries twice
 * what it has grown under, and prices below 1000.
 */
final class ConstraintModel {
    /** A day too late outweighs all else. */
    private static final int LATE = 500_000;

    private static final int MUCH = 100_000;
    private static final int ALL_COST = 2_000_000_000;

    private final OrderProblem p;
    private final Model model = new Model();
    private final int n;
    private final int horizon;
    /** By place: who comes, and by arrival: its place. */
    private final IntVar[] who;

    private final IntVar[] place;

    ConstraintModel(OrderProblem p) {
        this.p = p;
        this.n = p.size();
        this.horizon = 120 * n + Arrays.stream(p.pins().day()).max().orElse(0) + 400;
        this.who = model.intVarArray("who", n, 0, n - 1);
        this.place = model.intVarArray("place", n, 0, n - 1);
        model.inverseChanneling(who, place).post();
    }

    /** @return days too late and the rest of the cost of the best found; null if none was */
    long[] best(int seconds) {
        for (int i = 0; i < n; i++) {
            if (p.pins().place()[i] > 0) {
                model.arithm(place[i], "=", p.pins().place()[i] - 1).post();
            }
        }
        rules();
        IntVar[] days = calendar();
        BoolVar[] before = new BoolVar[n * (n - 1)];
        IntVar price = price(before);
        IntVar late = days[0];
        IntVar rest = model.intVar("rest", 0, LATE - 1);
        model.scalar(new IntVar[] {price, days[1]}, new int[] {1, (int) p.pins().waitingADay()}, "=", rest)
                .post();
        IntVar cost = model.intVar("cost", 0, ALL_COST);
        model.scalar(new IntVar[] {late, rest}, new int[] {LATE, 1}, "=", cost).post();
        model.getSolver().setSearch(Search.domOverWDegSearch(before), Search.inputOrderLBSearch(who));
        model.getSolver().limitTime(seconds + "s");
        Solution best = model.getSolver().findOptimalSolution(cost, Model.MINIMIZE);
        return best == null ? null : new long[] {best.getIntVal(late), best.getIntVal(rest)};
    }

    /** Whether it looked at everything there is. */
    boolean proved() {
        return !model.getSolver().isStopCriterionMet();
    }

    private IntVar price(BoolVar[] before) {
        int[] prices = new int[before.length];
        int k = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                before[k] = model.boolVar();
                before[k + 1] = before[k].not().boolVar();
                model.arithm(place[i], "<", place[j]).reifyWith(before[k]);
                prices[k] = (int) p.price()[i][j];
                prices[k + 1] = (int) p.price()[j][i];
                k += 2;
            }
        }
        IntVar sum = model.intVar("price", 0, LATE - 1);
        model.scalar(before, prices, "=", sum).post();
        return sum;
    }

    /** At a place, a figure of who comes there. */
    private IntVar of(int at, int[] figures, int low, int high) {
        IntVar figure = model.intVar(low, high);
        model.element(figure, figures, who[at]).post();
        return figure;
    }

    private IntVar sum(IntVar[] all, int count, int more) {
        IntVar sum = model.intVar(0, horizon * n);
        IntVar[] some = Arrays.copyOf(all, count + 1);
        some[count] = model.intVar(more);
        model.sum(some, "=", sum).post();
        return sum;
    }

    private IntVar most(IntVar... some) {
        IntVar most = model.intVar(0, horizon * n);
        model.max(most, some).post();
        return most;
    }

    private IntVar least(IntVar[] some) {
        IntVar least = model.intVar(0, MUCH);
        model.min(least, some).post();
        return least;
    }

    private boolean pinned(int at) {
        return Arrays.stream(p.pins().place()).anyMatch(place -> place == at + 1);
    }

    /** Precedence and filter at each place that is free. */
    private void rules() {
        int[] soonest = IntStream.range(0, n)
                .map(u -> p.pins().day()[u] >= 0 ? 0 : p.earliest()[u])
                .toArray();
        int[] through = IntStream.range(0, n).map(u -> soonest[u] + p.gap()[u]).toArray();
        int[] loads = Arrays.stream(p.filter().load()).mapToInt(l -> (int) l).toArray();
        IntVar[] soon = new IntVar[n];
        IntVar[] after = new IntVar[n];
        IntVar[] gaps = new IntVar[n];
        IntVar[] load = new IntVar[n];
        for (int t = 0; t < n; t++) {
            soon[t] = of(t, soonest, 0, horizon);
            after[t] = of(t, through, 0, horizon);
            gaps[t] = of(t, p.gap(), 0, horizon);
            load[t] = of(t, loads, 0, MUCH);
        }
        for (int t = 0; t < n; t++) {
            if (!pinned(t)) {
                int[] out = IntStream.range(t, n).filter(s -> !pinned(s)).toArray();
                IntVar first = least(Arrays.stream(out).mapToObj(s -> soon[s]).toArray(IntVar[]::new));
                IntVar[] reach = Arrays.copyOf(after, t + 2);
                reach[t] = first;
                reach[t + 1] = sum(gaps, t, 0);
                IntVar day = most(reach);
                model.arithm(soon[t], "<=", day).post();
                filter(t, out, day, soon, load);
            }
        }
    }

    private void filter(int t, int[] out, IntVar day, IntVar[] soon, IntVar[] load) {
        if (Double.isInfinite(p.filter().reserve())) {
            return;
        }
        IntVar[] could = Arrays.stream(out)
                .mapToObj(s -> {
                    IntVar counted = model.intVar(0, MUCH);
                    model.ifThenElse(
                            model.arithm(soon[s], "<=", day),
                            model.arithm(counted, "=", load[s]),
                            model.arithm(counted, "=", MUCH));
                    return counted;
                })
                .toArray(IntVar[]::new);
        IntVar grown = sum(load, t, (int) p.filter().standing());
        model.arithm(load[t], "<=", most(model.mul(least(could), 2), grown)).post();
    }

    /** @return days too late and idle days, in all */
    private IntVar[] calendar() {
        int[] own = p.pins().day();
        int[] ownOrNever = Arrays.stream(own).map(d -> d < 0 ? 10 * horizon : d).toArray();
        int[] target = IntStream.range(0, n)
                .map(u -> own[u] >= 0 ? 0 : p.earliest()[u])
                .toArray();
        IntVar ready = model.intVar(0);
        IntVar soonFree = model.intVar(0);
        IntVar thenFree = model.intVar(0);
        IntVar[] late = new IntVar[n];
        IntVar[] idle = new IntVar[n];
        for (int t = 0; t < n; t++) {
            IntVar box = box(t);
            IntVar days = of(t, p.quarantine().days(), 0, horizon);
            IntVar could = most(ready, of(t, target, 0, horizon), plus(soonFree, plus(days, box)));
            IntVar day = of(t, own, -1, horizon);
            IntVar release = most(could, most(day, model.intVar(0)));
            late[t] = most(model.intVar(0), minus(could, of(t, ownOrNever, 0, 10 * horizon)));
            idle[t] = most(model.intVar(0), minus(day, could));
            IntVar over = minus(release, box);
            soonFree = least(new IntVar[] {thenFree, over});
            thenFree = most(thenFree, over);
            ready = plus(release, of(t, p.gap(), 0, horizon));
        }
        return new IntVar[] {sum(late, n, 0), sum(idle, n, 0)};
    }

    private IntVar box(int t) {
        IntVar[] days = new IntVar[t + 1];
        days[t] = of(t, p.quarantine().boxAlone(), 0, horizon);
        int[] pairs =
                Arrays.stream(p.quarantine().box()).flatMapToInt(Arrays::stream).toArray();
        for (int s = 0; s < t; s++) {
            IntVar pair = model.intVar(0, n * n - 1);
            model.scalar(new IntVar[] {who[s], who[t]}, new int[] {n, 1}, "=", pair)
                    .post();
            days[s] = model.intVar(0, horizon);
            model.element(days[s], pairs, pair).post();
        }
        return most(days);
    }

    private IntVar plus(IntVar a, IntVar b) {
        IntVar sum = model.intVar(0, horizon * n);
        model.arithm(a, "+", b, "=", sum).post();
        return sum;
    }

    private IntVar minus(IntVar a, IntVar b) {
        IntVar rest = model.intVar(-10 * horizon, horizon * n);
        model.arithm(a, "-", b, "=", rest).post();
        return rest;
    }
}
