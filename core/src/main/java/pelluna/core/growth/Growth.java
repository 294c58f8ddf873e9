package pelluna.core.growth;

import java.util.OptionalDouble;
import pelluna.core.units.Convert;

/**
 * Growth in length after von Bertalanffy (1938): L(t) = L∞(1 − e^(−K(t − t0))). The age at purchase is found from the
 * length, so that only L∞ (cm) and K (per year) are needed. A fish longer than L∞ keeps its length.
 */
public record Growth(double finalCm, double perYear) {
    public Growth {
        if (!(finalCm > 0) || !(perYear > 0)) {
            throw new IllegalArgumentException("final length and K must be above zero: " + finalCm + ", " + perYear);
        }
    }

    /** Length in cm after the given days, for a fish that has {@code nowCm} today. */
    public double lengthAfter(double nowCm, double days) {
        if (nowCm >= finalCm) {
            return nowCm;
        }
        return finalCm - (finalCm - nowCm) * Math.exp(-perYear * days / Convert.DAYS_PER_YEAR);
    }

    /** Days until a fish of {@code nowCm} has {@code thenCm}; empty if it never does. Zero if it has. */
    public OptionalDouble daysUntil(double nowCm, double thenCm) {
        if (nowCm >= thenCm) {
            return OptionalDouble.of(0);
        }
        if (thenCm >= finalCm) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Math.log((finalCm - nowCm) / (finalCm - thenCm)) / perYear * Convert.DAYS_PER_YEAR);
    }

    /**
     * The same fish with K refitted to measured lengths: least squares through the first measurement of
     * ln((L∞ − L1)/(L∞ − L)) against time. Measurements at or over L∞ say nothing about K and are left out.
     *
     * @param days      days of the measurements, rising
     * @param lengthsCm lengths in cm, as many
     */
    public Growth refitted(double[] days, double[] lengthsCm) {
        if (days.length != lengthsCm.length || days.length < 2) {
            throw new IllegalArgumentException("two or more lengths with their days are needed");
        }
        double sumTY = 0;
        double sumTT = 0;
        for (int i = 1; i < days.length; i++) {
            double years = (days[i] - days[0]) / Convert.DAYS_PER_YEAR;
            if (lengthsCm[i] < finalCm && lengthsCm[0] < finalCm && years > 0) {
                sumTY += years * Math.log((finalCm - lengthsCm[0]) / (finalCm - lengthsCm[i]));
                sumTT += years * years;
            }
        }
        return sumTT > 0 && sumTY > 0 ? new Growth(finalCm, sumTY / sumTT) : this;
    }
}
