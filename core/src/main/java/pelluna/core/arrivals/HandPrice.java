package pelluna.core.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import pelluna.core.units.English;

/**
 * What an order by hand costs against the best one.
 *
 * @param points of expected tension, 0 or more
 * @param days   by which the last arrival comes later; below 0 earlier
 * @param because the pair that costs most, in a sentence; empty if no pair costs anything worth saying
 */
public record HandPrice(double points, long days, String because) {
    /** Points that a pair must cost to be named. Pelluna's judgement. */
    private static final double WORTH_SAYING = 1;

    /** 'It costs 14 points of tension more than the best order, mainly because … It ends 12 days later.' */
    public String says() {
        long rounded = Math.round(points);
        String order = rounded <= 0
                ? "As calm as the best order."
                : "It costs " + English.count((int) rounded, "point", "points") + " of tension more than the best order"
                        + (because.isEmpty() ? "." : ", mainly because " + because + ".");
        return order
                + (days == 0
                        ? " It ends on the same day."
                        : " It ends " + English.count((int) Math.abs(days), "day", "days")
                                + (days > 0 ? " later." : " earlier."));
    }

    static HandPrice of(Schedule hand, Schedule best, OrderProblem problem, List<Arrival> arrivals, WhyHere words) {
        int[] sequence = hand.steps().stream()
                .mapToInt(d -> arrivals.indexOf(d.arrival()))
                .toArray();
        List<Integer> places =
                best.steps().stream().map(d -> arrivals.indexOf(d.arrival())).toList();
        double most = WORTH_SAYING;
        String because = "";
        for (int j = 1; j < sequence.length; j++) {
            for (int i = 0; i < j; i++) {
                int v = sequence[i];
                int u = sequence[j];
                double costs = Prices.points(problem.price()[v][u] - problem.price()[u][v]);
                if (places.indexOf(v) > places.indexOf(u) && costs > most) {
                    most = costs;
                    because = words.firstPresses(v, u);
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
