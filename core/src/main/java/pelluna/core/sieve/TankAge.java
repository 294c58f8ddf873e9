package pelluna.core.sieve;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.units.Convert;
import pelluna.core.units.Measures;

/**
 * Age since the cycle against what the species wants. Younger than two thirds of it a Chop, than a third a Surge:
 * Pelluna's judgement.
 */
public final class TankAge implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        if (!s.tank().ageKnown()) {
            return List.of();
        }
        double months = s.species().needs().ageMonths();
        double has = s.tank().ageDays(s.plan().startOn()) / Convert.DAYS_PER_MONTH;
        if (has < 0) {
            return List.of(Finding.of(
                    RuleName.TANK_AGE,
                    pelluna.core.units.Step.SURGE,
                    Figure.of(months),
                    Figure.of(has),
                    "months",
                    "The tank is still cycling until " + Measures.date(s.tank().cycledOn()) + ".",
                    waitFor(s),
                    s.source("age")));
        }
        return Setting.shortfall(has, months, 0.67, 0.34)
                .map(step -> Finding.of(
                        RuleName.TANK_AGE,
                        step,
                        Figure.of(months),
                        Figure.of(has),
                        "months",
                        "It wants a tank that has run for " + Measures.number(months)
                                + " months; yours will have run for " + Measures.number(Measures.round(has, 1)) + ".",
                        waitFor(s),
                        s.source("age")))
                .stream()
                .toList();
    }

    /** The first day on which the tank is old enough for a species; the plan's start where its age is not known. */
    public static LocalDate ripeOn(Setting s) {
        if (!s.tank().ageKnown()) {
            return s.plan().startOn();
        }
        return s.tank().cycledOn().plusDays((long) Math.ceil(s.species().needs().ageMonths() * Convert.DAYS_PER_MONTH));
    }

    private static Remedy waitFor(Setting s) {
        return Remedy.wait("age", "it comes on or after " + Measures.date(ripeOn(s)));
    }
}
