package pelluna.core.units;

/** Exact conversions between the internal metric units and US customary units. */
public final class Convert {
    /** Centimetres in an international inch, exact by definition (1959). */
    public static final double CM_PER_INCH = 2.54;
    /** Litres in a US liquid gallon of 231 cubic inches, exact by definition. */
    public static final double LITRES_PER_US_GALLON = 3.785411784;
    /** Grams in an avoirdupois pound, exact by definition (1959). */
    public static final double GRAMS_PER_POUND = 453.59237;
    /** Cubic centimetres in a litre. */
    public static final double CM3_PER_LITRE = 1000;
    /** Days in a mean Gregorian month, for ages that keepers give in months. */
    public static final double DAYS_PER_MONTH = 30.436875;
    /** Days in a mean Gregorian year. */
    public static final double DAYS_PER_YEAR = 365.2425;

    private Convert() {}

    public static double inchesFromCm(double cm) {
        return cm / CM_PER_INCH;
    }

    public static double cmFromInches(double inches) {
        return inches * CM_PER_INCH;
    }

    public static double gallonsFromLitres(double litres) {
        return litres / LITRES_PER_US_GALLON;
    }

    public static double litresFromGallons(double gallons) {
        return gallons * LITRES_PER_US_GALLON;
    }

    public static double poundsFromKg(double kg) {
        return kg * 1000 / GRAMS_PER_POUND;
    }

    public static double kgFromPounds(double pounds) {
        return pounds * GRAMS_PER_POUND / 1000;
    }

    public static double fahrenheitFromCelsius(double celsius) {
        return celsius * 9 / 5 + 32;
    }

    public static double celsiusFromFahrenheit(double fahrenheit) {
        return (fahrenheit - 32) * 5 / 9;
    }
}
