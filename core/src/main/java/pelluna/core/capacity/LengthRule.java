package pelluna.core.capacity;

import java.time.LocalDate;
import java.util.Collection;
import pelluna.core.plan.Party;
import pelluna.core.tank.Keeper;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.core.units.Length;
import pelluna.core.units.Unit;

/**
 * The length rule: one inch of adult fish per 5 US gallons, sliding to one per 3 with the tank's age, the keeper's
 * years
 * and steady upkeep; the weakest of the three sets the figure. Common practice, and crude. Lengths are added in inches.
 */
public record LengthRule(double gallonsPerInch) {
    public static final double BEGINNER_GALLONS = 5;
    public static final double SEASONED_GALLONS = 3;
    /** The slide starts after the first year and ends after the third; full upkeep is a tenth of the water a week. */
    private static final double FIRST_YEAR_DAYS = 365;

    private static final double SLIDE_DAYS = 730;
    private static final double FULL_UPKEEP_SHARE = 0.10;

    public static LengthRule of(Tank tank, LocalDate day) {
        double age = clamp((tank.ageDays(day) - FIRST_YEAR_DAYS) / SLIDE_DAYS);
        double keeper = tank.keeper() == Keeper.FIRST_YEAR ? 0 : tank.keeper() == Keeper.SETTLED ? 0.5 : 1;
        double upkeep = clamp(tank.changedAWeek() / tank.netLitres() / FULL_UPKEEP_SHARE);
        double ripe = Math.min(age, Math.min(keeper, upkeep));
        return new LengthRule(BEGINNER_GALLONS - ripe * (BEGINNER_GALLONS - SEASONED_GALLONS));
    }

    /** Inches of adult fish that a tank of so many litres, by its glass, carries. */
    public double limitInches(double glassLitres) {
        return Convert.gallonsFromLitres(glassLitres) / gallonsPerInch;
    }

    public static double inches(Collection<Party> fish) {
        return fish.stream()
                .mapToDouble(p -> p.count() * Convert.inchesFromCm(p.adultCm()))
                .sum();
    }

    /** @param used inches of adult fish */
    Lens lens(Tank tank, double used) {
        double limit = limitInches(tank.glassLitres());
        return new Lens(
                LensKind.LENGTH_RULE,
                used,
                limit,
                Unit.INCHES,
                Lens.stepOf(used / limit),
                new LensReason.InchesOfFish(
                        new Length(Convert.cmFromInches(used)),
                        new Length(Convert.cmFromInches(limit)),
                        gallonsPerInch,
                        tank.ageKnown()));
    }

    private static double clamp(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
