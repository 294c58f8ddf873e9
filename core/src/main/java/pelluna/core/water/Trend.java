package pelluna.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.regression.SimpleRegression;
import pelluna.core.units.Rounding;

/**
 * Where a figure of the water is going: a straight line through the tests by least squares, with Student's t test of
 * its slope. Three tests at the
 * least; a slope that could be chance is not called a trend.
 *
 * @param perWeek change a week, in the figure's unit
 * @param p       two-sided; 1 if all tests are alike
 * @param tests   how many
 */
public record Trend(double perWeek, double p, int tests, double lastOnLine, LocalDate last) {
    private static final int LEAST = 3;
    private static final double LIKELY = 0.05;
    private static final double DAYS_A_WEEK = 7;
    private static final int FARTHEST_WEEKS = 52;

    /** One value on a day. */
    public record Point(LocalDate on, double value) {}

    /** @param points in the order of their days; empty result if they are too few, or all of one day */
    public static Optional<Trend> of(List<Point> points) {
        int n = points.size();
        if (n < LEAST || points.get(0).on().equals(points.get(n - 1).on())) {
            return Optional.empty();
        }
        LocalDate from = points.get(0).on();
        SimpleRegression line = new SimpleRegression();
        points.forEach(q -> line.addData(week(from, q.on()), q.value()));
        LocalDate last = points.get(n - 1).on();
        double p = line.getTotalSumSquares() == 0 ? 1 : line.getSignificance();
        return Optional.of(new Trend(line.getSlope(), p, n, line.predict(week(from, last)), last));
    }

    private static double week(LocalDate from, LocalDate on) {
        return ChronoUnit.DAYS.between(from, on) / DAYS_A_WEEK;
    }

    public boolean tells() {
        return p < LIKELY && perWeek != 0;
    }

    /**
     * Weeks from the last test until it comes to a ceiling, if it goes on so; empty if it does not rise, is over it,
     * or is a year away.
     */
    public Optional<Double> weeksTo(double ceiling) {
        double weeks = (ceiling - lastOnLine) / perWeek;
        return tells() && perWeek > 0 && weeks > 0 && weeks <= FARTHEST_WEEKS ? Optional.of(weeks) : Optional.empty();
    }

    /** Where it is going. @param unit of the figure, as it is written; may be empty */
    public Going going(String unit) {
        double size = Math.abs(perWeek);
        double amount = Rounding.to(size >= 1 ? 1 : size >= 0.1 ? 2 : 3, size);
        return tells() ? new Going.Steadily(perWeek > 0, amount, unit, tests) : new Going.NoClearTrend(tests);
    }
}
