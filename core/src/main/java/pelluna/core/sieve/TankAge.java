package pelluna.core.sieve;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.units.Convert;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

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
                    Step.SURGE,
                    Figure.of(months),
                    Figure.of(has),
                    Unit.MONTHS,
                    new Reason.StillCycling(s.tank().cycledOn()),
                    waitFor(s),
                    s.source("age")));
        }
        return Setting.shortfall(has, months, 0.67, 0.34)
                .map(step -> Finding.of(
                        RuleName.TANK_AGE,
                        step,
                        Figure.of(months),
                        Figure.of(has),
                        Unit.MONTHS,
                        new Reason.WantsAge(months, has),
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
        return Remedy.wait("age", new Condition.ComesFrom(ripeOn(s)));
    }
}
