package pelluna.core.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import pelluna.core.units.Sentences;

/**
 * What an order by hand costs against the best one.
 *
 * @param points of expected tension, 0 or more
 * @param days   by which the last arrival comes later; below 0 earlier
 * @param because the pair that costs most; empty if no pair costs anything worth saying
 */
public record HandPrice(double points, long days, Optional<Costs.Pair> because) {
    /** Points that a pair must cost to be named. Pelluna's judgement. */
    private static final double WORTH_SAYING = 1;

    /** What it costs and when it ends. */
    public Sentences says() {
        int rounded = (int) Math.round(points);
        return Sentences.of(
                rounded <= 0
                        ? new Costs.AsCalm()
                        : because.<Costs>map(pair -> new Costs.PointsBecause(rounded, pair))
                                .orElse(new Costs.Points(rounded)),
                days == 0
                        ? new Costs.SameDay()
                        : days > 0 ? new Costs.Later((int) days) : new Costs.Earlier((int) -days));
    }

    static HandPrice of(Schedule hand, Schedule best, OrderProblem problem, List<Arrival> arrivals, WhyHere why) {
        int[] sequence = hand.steps().stream()
                .mapToInt(d -> arrivals.indexOf(d.arrival()))
                .toArray();
        List<Integer> places =
                best.steps().stream().map(d -> arrivals.indexOf(d.arrival())).toList();
        double most = WORTH_SAYING;
        Optional<Costs.Pair> because = Optional.empty();
        for (int j = 1; j < sequence.length; j++) {
            for (int i = 0; i < j; i++) {
                int v = sequence[i];
                int u = sequence[j];
                double costs = Prices.points(problem.price()[v][u] - problem.price()[u][v]);
                if (places.indexOf(v) > places.indexOf(u) && costs > most) {
                    most = costs;
                    because = Optional.of(why.pair(v, u));
                }
            }
        }
        return new HandPrice(
                hand.cost() - best.cost(),
                hand.steps().isEmpty() ? 0 : ChronoUnit.DAYS.between(last(best), last(hand)),
                because);
    }

    private static LocalDate last(Schedule s) {
        return s.steps().get(s.steps().size() - 1).releaseOn();
    }
}
