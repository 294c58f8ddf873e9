package pelluna.core.water;

import java.util.OptionalDouble;

/**
 * Density of sea water at one atmosphere by the international equation of state EOS-80 (Millero &amp; Poisson 1981;
 * UNESCO
 * Technical Papers in Marine Science 44, 1983), and what keepers read off it: specific gravity, salt by mass. Salinity
 * 0 to
 * 42 g/kg, temperature −2 to 40 °C; the difference between the temperature scales of 1968 and 1990 (0.006 °C here) is
 * left out.
 */
public final class SeaWater {
    /**
     * The temperature at which specific gravity is given by hydrometers and refractometers of the hobby, °C. Common
     * practice.
     */
    public static final double SPECIFIC_GRAVITY_AT = 25;
    /**
     * Mass of salt mix as weighed per mass of salt in the water: crystals hold some water. From memory; the label
     * knows better.
     */
    public static final double MIX_PER_SALT = 1.1;

    private static final double MOST_SALINITY = 50;

    /** A figure below this is a specific gravity, for no water has so few g/kg and fish. */
    private static final double GRAVITY_BELOW = 1.5;

    private SeaWater() {}

    /** Density in kg/m³ (g/L) at a salinity in g/kg and a temperature in °C. */
    public static double density(double salinity, double celsius) {
        double t = celsius;
        double pure = 999.842594
                + t * (6.793952e-2 + t * (-9.095290e-3 + t * (1.001685e-4 + t * (-1.120083e-6 + t * 6.536332e-9))));
        double a = 8.24493e-1 + t * (-4.0899e-3 + t * (7.6438e-5 + t * (-8.2467e-7 + t * 5.3875e-9)));
        double b = -5.72466e-3 + t * (1.0227e-4 - t * 1.6546e-6);
        return pure + salinity * (a + b * Math.sqrt(salinity) + 4.8314e-4 * salinity);
    }

    /** Specific gravity at 25/25 °C of water of a salinity in g/kg: 35 g/kg is 1.0264. */
    public static double specificGravity(double salinity) {
        return density(salinity, SPECIFIC_GRAVITY_AT) / density(0, SPECIFIC_GRAVITY_AT);
    }

    /**
     * Salinity in g/kg of water of a specific gravity at 25/25 °C; by bisection, since gravity rises with salinity.
     *
     * @throws IllegalArgumentException below 1 or above what 50 g/kg have
     */
    public static double salinity(double specificGravity) {
        if (!(specificGravity >= 1 && specificGravity <= specificGravity(MOST_SALINITY))) {
            throw new IllegalArgumentException("no specific gravity of sea water: " + specificGravity);
        }
        double low = 0;
        double high = MOST_SALINITY;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (specificGravity(middle) < specificGravity) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * Salinity in g/kg of a figure as keepers write it: below {@value GRAVITY_BELOW} it is a specific gravity, above it
     * is g/kg; empty if no sea water has such a gravity.
     */
    public static OptionalDouble ofFigure(double figure) {
        if (figure >= GRAVITY_BELOW) {
            return OptionalDouble.of(figure);
        }
        return figure >= 1 && figure <= specificGravity(MOST_SALINITY)
                ? OptionalDouble.of(salinity(figure))
                : OptionalDouble.empty();
    }

    /** Salt mix to weigh out, kg, for so many litres at a salinity in g/kg and a temperature in °C. */
    public static double mixKg(double litres, double salinity, double celsius) {
        return litres * density(salinity, celsius) * salinity * 1e-6 * MIX_PER_SALT;
    }
}
