package pelluna.app.probe;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.words.Measures;

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
    static String doubt(Reading r, Optional<Reading> last, Instant now) {
        List<String> doubts = new ArrayList<>();
        if (r.at().isAfter(now.plus(OLD)) || r.at().isBefore(now.minus(OLD))) {
            doubts.add("its clock says "
                    + (r.at().isAfter(now)
                            ? "the future"
                            : "it is " + Duration.between(r.at(), now).toMinutes() + " min old"));
        }
        double hours = last.map(l ->
                        Math.max(1 / 12.0, Duration.between(l.at(), r.at()).toSeconds() / 3600.0))
                .orElse(1.0);
        one(
                doubts,
                "temperature",
                r.temperatureC(),
                TEMPERATURE,
                last.map(Reading::temperatureC),
                TEMPERATURE_AN_HOUR * Math.max(1, hours));
        one(
                doubts,
                "salinity",
                r.salinity(),
                SALINITY,
                last.map(Reading::salinity),
                SALINITY_AN_HOUR * Math.max(1, hours));
        one(doubts, "pH", r.pH(), PH, last.map(Reading::pH), PH_AN_HOUR * Math.max(1, hours));
        return String.join("; ", doubts);
    }

    private static void one(
            List<String> doubts, String what, Double value, double[] range, Optional<Double> last, double most) {
        if (value == null) {
            return;
        }
        if (!Double.isFinite(value) || value < range[0] || value > range[1]) {
            doubts.add(what + " " + Measures.number(value) + " is outside " + Measures.number(range[0]) + " to "
                    + Measures.number(range[1]));
        } else if (last.isPresent() && Math.abs(value - last.get()) > most) {
            doubts.add(what + " jumped from " + Measures.number(last.get()) + " to " + Measures.number(value));
        }
    }
}
