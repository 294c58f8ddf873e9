package pelluna.app.probe;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import pelluna.app.probe.Doubt.Figure;

/**
 * Whether to believe a probe: within what a tank can have, no faster a change than water makes, and not old. A value
 * that is out of all range is far
 * more often a dirty or dry probe than a dead tank. Limits are Pelluna's judgement.
 */
final class Plausible {
    private static final double[] TEMPERATURE = {10, 40};
    private static final double[] SALINITY = {10, 45};
    private static final double[] PH = {6.5, 9.5};
    /** Most that they change in an hour. */
    private static final double TEMPERATURE_AN_HOUR = 3;

    private static final double SALINITY_AN_HOUR = 3;
    private static final double PH_AN_HOUR = 0.6;
    private static final Duration OLD = Duration.ofMinutes(30);

    private Plausible() {}

    /** @param last the newest that was believed; @return why it is not believed; empty if it is */
    static List<Doubt> doubts(Reading r, Optional<Reading> last, Instant now) {
        List<Doubt> doubts = new ArrayList<>();
        if (r.at().isAfter(now.plus(OLD))) {
            doubts.add(new Doubt.ClockAhead());
        } else if (r.at().isBefore(now.minus(OLD))) {
            doubts.add(new Doubt.Old(Duration.between(r.at(), now).toMinutes()));
        }
        double hours = Math.max(
                1,
                last.map(l -> Duration.between(l.at(), r.at()).toSeconds() / 3600.0)
                        .orElse(1.0));
        one(Figure.TEMPERATURE, r, last, Reading::temperatureC, TEMPERATURE, TEMPERATURE_AN_HOUR * hours)
                .ifPresent(doubts::add);
        one(Figure.SALINITY, r, last, Reading::salinity, SALINITY, SALINITY_AN_HOUR * hours)
                .ifPresent(doubts::add);
        one(Figure.PH, r, last, Reading::pH, PH, PH_AN_HOUR * hours).ifPresent(doubts::add);
        return doubts;
    }

    private static Optional<Doubt> one(
            Figure figure,
            Reading r,
            Optional<Reading> last,
            Function<Reading, Double> of,
            double[] range,
            double most) {
        Double value = of.apply(r);
        if (value == null) {
            return Optional.empty();
        }
        if (!Double.isFinite(value) || value < range[0] || value > range[1]) {
            return Optional.of(new Doubt.OutOfRange(figure, value, range[0], range[1]));
        }
        return last.map(of)
                .filter(before -> Math.abs(value - before) > most)
                .map(before -> new Doubt.Jumped(figure, before, value));
    }
}
