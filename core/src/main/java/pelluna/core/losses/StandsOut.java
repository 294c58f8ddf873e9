package pelluna.core.losses;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

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

    public static List<String> of(Days d) {
        List<String> says = new ArrayList<>();
        long before = Math.max(1, ChronoUnit.DAYS.between(d.from(), d.middle()));
        says.add(
                d.arrivals().isEmpty()
                        ? "Nobody new came in the " + English.count((int) before, "day", "days") + " before."
                        : "New in these days: " + English.list(d.arrivals()) + ".");
        if (d.lost().size() > 1) {
            says.add("Lost in these days: " + English.list(d.lost()) + ".");
        }
        if (!d.firstSign().isEmpty()) {
            says.add("The first sign: " + d.firstSign() + ".");
        }
        says.add(water("Ammonia", d.ammonia(), AMMONIA) + " " + water("Nitrite", d.nitrite(), NITRITE));
        if (d.lowC().isPresent() && d.highC().isPresent()) {
            double swing = d.highC().getAsDouble() - d.lowC().getAsDouble();
            says.add("The probe had it between "
                    + Measures.number(Measures.round(d.lowC().getAsDouble(), 1)) + " and "
                    + Measures.number(Measures.round(d.highC().getAsDouble(), 1)) + " °C"
                    + (swing >= SWING ? ": more than it should move." : "."));
        } else {
            says.add("No probe was read, so nobody knows what the temperature did.");
        }
        if (d.first().hours() + d.second().hours() > 0) {
            says.add("Before it, the later half of the days against the earlier: "
                    + RateChange.between(d.first(), d.second()).words() + ".");
        } else {
            says.add("Nobody watched in the days before.");
        }
        return says;
    }

    private static String water(String what, OptionalDouble most, double limit) {
        return most.isEmpty()
                ? "Nobody tested " + what.toLowerCase(java.util.Locale.ROOT) + "."
                : what + " went up to " + Measures.number(Measures.round(most.getAsDouble(), 2)) + " mg/L"
                        + (most.getAsDouble() >= limit ? ", which a cycled tank should not show." : ".");
    }
}
