package pelluna.core.losses;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;
import pelluna.core.units.Sentences;

/**
 * What stands out in the days around an incident, by stated rules over what was written down; what nobody looked at is
 * said too. Limits are Pelluna's judgement.
 */
public final class StandsOut {
    private static final double AMMONIA = 0.1;
    private static final double NITRITE = 0.2;
    private static final double SWING = 1.5;

    private StandsOut() {}

    /**
     * What is at hand.
     *
     * @param middle   the day of the incident; what led to it lies before
     * @param arrivals names with their days
     * @param lowC     of the probe, °C; empty without
     * @param highC    likewise
     * @param ammonia  highest test, mg/L; empty if nobody tested
     * @param nitrite  likewise
     * @param first    acts and hours of the first half of the days before the incident
     * @param second   of the second half
     * @param firstSign name, sign and day; empty if none was noted
     */
    public record Days(
            LocalDate from,
            LocalDate middle,
            List<String> arrivals,
            List<String> lost,
            OptionalDouble lowC,
            OptionalDouble highC,
            OptionalDouble ammonia,
            OptionalDouble nitrite,
            Stretch first,
            Stretch second,
            String firstSign) {}

    public static List<Sentences> of(Days d) {
        List<Sentences> says = new ArrayList<>();
        long before = Math.max(1, ChronoUnit.DAYS.between(d.from(), d.middle()));
        says.add(Sentences.of(
                d.arrivals().isEmpty() ? new BeforeIt.NobodyNew((int) before) : new BeforeIt.NewFish(d.arrivals())));
        if (d.lost().size() > 1) {
            says.add(Sentences.of(new BeforeIt.LostFish(d.lost())));
        }
        if (!d.firstSign().isEmpty()) {
            says.add(Sentences.of(new BeforeIt.FirstSign(d.firstSign())));
        }
        says.add(Sentences.of(
                water(BeforeIt.Substance.AMMONIA, d.ammonia(), AMMONIA),
                water(BeforeIt.Substance.NITRITE, d.nitrite(), NITRITE)));
        says.add(Sentences.of(temperature(d)));
        says.add(Sentences.of(
                d.first().hours() + d.second().hours() > 0
                        ? new BeforeIt.LaterHalf(
                                RateChange.between(d.first(), d.second()).course())
                        : new BeforeIt.NobodyWatched()));
        return says;
    }

    private static BeforeIt temperature(Days d) {
        if (d.lowC().isEmpty() || d.highC().isEmpty()) {
            return new BeforeIt.NoProbe();
        }
        double low = d.lowC().getAsDouble();
        double high = d.highC().getAsDouble();
        return new BeforeIt.ProbeBetween(low, high, high - low >= SWING);
    }

    private static BeforeIt water(BeforeIt.Substance what, OptionalDouble most, double limit) {
        return most.isEmpty()
                ? new BeforeIt.NotTested(what)
                : new BeforeIt.WentUp(what, most.getAsDouble(), most.getAsDouble() >= limit);
    }
}
