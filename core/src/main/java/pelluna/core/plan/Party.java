package pelluna.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

import pelluna.core.catalogue.Species;

/**
 * A fish, a pair or a group that lives or goes in together.
 *
 * @param id       unique within the plan
 * @param lengthCm length of each, cm: today for a resident, when bought for a wish
 * @param from     the day from which it grows: plan start for residents and, until arrivals are dated, for wishes
 * @param since    the day it came into the tank; the plan's start for a wish
 * @param want     1 to 5 for a wish, 0 for a resident
 */
public record Party(String id, Species species, int count, double lengthCm, LocalDate from, LocalDate since, int want,
                    boolean captiveBred) {

    public boolean resident() {
        return want == 0;
    }

    /** Length of each on a day, cm, grown after von Bertalanffy. */
    public double lengthOn(LocalDate day) {
        return species.size().growth().lengthAfter(lengthCm, Math.max(0, ChronoUnit.DAYS.between(from, day)));
    }

    /** Adult length, cm; never less than it has. */
    public double adultCm() {
        return Math.max(lengthCm, species.size().usualCm());
    }

    /** Mass of all when adult, g. */
    public double adultGrams() {
        return count * species.size().mass().gramsAt(adultCm());
    }

    public double gramsOn(LocalDate day) {
        return count * species.size().mass().gramsAt(lengthOn(day));
    }

    /** 'royal gramma', or '4 × lyretail anthias'. */
    public String label() {
        return count == 1 ? species.name() : count + " × " + species.name();
    }

    public Party bought(LocalDate day) {
        return new Party(id, species, count, lengthCm, day, day, want, captiveBred);
    }

    /** The least litres that so many of them ask for, at the customary school. */
    public double needsLitres() {
        return species.litresFor(count).customary();
    }
}
