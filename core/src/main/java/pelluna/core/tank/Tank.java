package pelluna.core.tank;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One tank as its keeper describes it. Lengths in cm, volumes in litres, mass in kg, temperature in °C, salinity in
 * g/kg, nitrate as the NO3 ion in mg/L. Build it with {@link TankDraft}, which knows the defaults.
 *
 * @param netLitresMeasured a measured volume; overrides the computed one
 * @param nitrate           the last test, if there is one; corrects the estimate of the waste lens
 */
public record Tank(TankShape shape, double lengthCm, double widthCm, double waterHeightCm, OptionalDouble netLitresMeasured,
                   double runCm, double rockKg, double sandDepthCm, double sumpLitres, int hides, Cover cover,
                   LocalDate cycledOn, Keeper keeper, Set<ReefLife> keeps, double waterChangePercent,
                   double waterChangeEveryDays, int mealsADay, boolean seaweed, Pods pods, double temperatureC,
                   double salinity, OptionalDouble nitrate, OptionalDouble phosphate, double nitrateCeiling,
                   int quarantinePlaces, QuarantineSchool school) {

    public Tank {
        keeps = Set.copyOf(keeps);
    }

    public TankVolume volume() {
        return TankVolume.of(this);
    }

    /** Water actually in the system, litres, above zero. */
    public double netLitres() {
        return volume().netLitres();
    }

    /** Days from the end of the cycle to the given day; negative while the tank is still cycling. */
    public long ageDays(LocalDate on) {
        return ChronoUnit.DAYS.between(cycledOn, on);
    }

    public boolean keeps(ReefLife kind) {
        return keeps.contains(kind);
    }

    /** Litres changed in a week. */
    public double changedAWeek() {
        return netLitres() * waterChangePercent / 100 * 7 / waterChangeEveryDays;
    }
}
