package pelluna.core.tank;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import pelluna.core.scape.Scape;

/**
 * One tank as its keeper describes it. Lengths in cm, volumes in litres, mass in kg, temperature in °C, salinity in
 * g/kg, nitrate as the NO3 ion in mg/L. Build it with {@link TankDraft}, which knows the defaults.
 *
 * @param netLitresMeasured a measured volume; overrides the computed one
 * @param nitrate           the last test, if there is one; corrects the estimate of the waste lens
 * @param hides             as many as the scape has
 * @param cycledOn          the day its cycle ended; the plan's start where nobody said, see {@link #ageKnown()}
 * @param unsaid            what its keeper has not said, for which something is assumed
 * @param scape             the reef from the front; the usual one until the keeper has drawn it
 */
public record Tank(
        TankShape shape,
        double lengthCm,
        double widthCm,
        double waterHeightCm,
        OptionalDouble netLitresMeasured,
        double runCm,
        double rockKg,
        double sandDepthCm,
        double sumpLitres,
        int hides,
        Cover cover,
        LocalDate cycledOn,
        Keeper keeper,
        Set<ReefLife> keeps,
        double waterChangePercent,
        double waterChangeEveryDays,
        int mealsADay,
        boolean seaweed,
        Pods pods,
        double temperatureC,
        double salinity,
        OptionalDouble nitrate,
        OptionalDouble phosphate,
        double nitrateCeiling,
        int quarantinePlaces,
        QuarantineSchool school,
        Scape scape,
        Set<Unsaid> unsaid) {

    /** Height of the front, as a share of the length, where only a volume is known. Pelluna's judgement. */
    static final double FRONT_SHARE = 0.4;

    public Tank {
        keeps = Set.copyOf(keeps);
        unsaid = Collections.unmodifiableSet(unsaid.isEmpty() ? EnumSet.noneOf(Unsaid.class) : EnumSet.copyOf(unsaid));
    }

    public TankVolume volume() {
        return TankVolume.of(this);
    }

    /** Water actually in the system, litres, above zero. */
    public double netLitres() {
        return volume().netLitres();
    }

    /**
     * What the glass of the display holds, litres, sump, rock and sand left out: the figure that keepers and shops
     * call a tank by.
     */
    public double glassLitres() {
        return volume().glassLitres();
    }

    /** Height of the water as seen from the front, cm; two fifths of the length where the keeper gave only a volume. */
    public double frontHeightCm() {
        return waterHeightCm > 0 ? waterHeightCm : FRONT_SHARE * lengthCm;
    }

    /** The same tank with its reef drawn otherwise. */
    public Tank with(Scape other) {
        return new Tank(
                shape,
                lengthCm,
                widthCm,
                waterHeightCm,
                netLitresMeasured,
                runCm,
                rockKg,
                sandDepthCm,
                sumpLitres,
                other.hides().size(),
                cover,
                cycledOn,
                keeper,
                keeps,
                waterChangePercent,
                waterChangeEveryDays,
                mealsADay,
                seaweed,
                pods,
                temperatureC,
                salinity,
                nitrate,
                phosphate,
                nitrateCeiling,
                quarantinePlaces,
                school,
                other,
                unsaid);
    }

    /** The same tank with so many meals a day, and seaweed or none. */
    public Tank fed(int meals, boolean withSeaweed) {
        return but(cover, meals, withSeaweed, quarantinePlaces, school);
    }

    /** The same tank under another cover. */
    public Tank under(Cover other) {
        return but(other, mealsADay, seaweed, quarantinePlaces, school);
    }

    /** The same tank with another quarantine. */
    public Tank quarantining(int places, QuarantineSchool by) {
        return but(cover, mealsADay, seaweed, places, by);
    }

    private Tank but(Cover top, int meals, boolean withSeaweed, int places, QuarantineSchool by) {
        return new Tank(
                shape,
                lengthCm,
                widthCm,
                waterHeightCm,
                netLitresMeasured,
                runCm,
                rockKg,
                sandDepthCm,
                sumpLitres,
                hides,
                top,
                cycledOn,
                keeper,
                keeps,
                waterChangePercent,
                waterChangeEveryDays,
                meals,
                withSeaweed,
                pods,
                temperatureC,
                salinity,
                nitrate,
                phosphate,
                nitrateCeiling,
                places,
                by,
                scape,
                unsaid);
    }

    /** Whether its keeper has said when its cycle ended. */
    public boolean ageKnown() {
        return !unsaid.contains(Unsaid.AGE);
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
