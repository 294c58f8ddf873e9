package pelluna.words;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import pelluna.core.units.Convert;
import pelluna.core.units.Rounding;

/**
 * Writes quantities the way a keeper reads them, in one unit system. Figures come in metric and go out rounded to what
 * a keeper can act on: whole litres and centimetres, half centimetres below 10 cm.
 */
public record Measures(UnitSystem system) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    public static Measures metric() {
        return new Measures(UnitSystem.METRIC);
    }

    public boolean us() {
        return system == UnitSystem.US;
    }

    /** A length in cm, as '12 cm' or '4.7 in'. */
    public String length(double cm) {
        return number(lengthValue(cm)) + " " + lengthUnit();
    }

    public double lengthValue(double cm) {
        double value = us() ? Convert.inchesFromCm(cm) : cm;
        return us() ? round(value, value < 20 ? 1 : 0) : round(value, value < 10 ? 1 : 0);
    }

    public String lengthUnit() {
        return us() ? "in" : "cm";
    }

    /** A volume in litres, as '428 L' or '113 gal'. */
    public String volume(double litres) {
        return number(volumeValue(litres)) + " " + volumeUnit();
    }

    public double volumeValue(double litres) {
        double value = us() ? Convert.gallonsFromLitres(litres) : litres;
        return round(value, value < 10 ? 1 : 0);
    }

    public String volumeUnit() {
        return us() ? "gal" : "L";
    }

    /** A temperature in degrees Celsius, as '25.5 °C' or '77.9 °F'. */
    public String temperature(double celsius) {
        return number(round(us() ? Convert.fahrenheitFromCelsius(celsius) : celsius, 1)) + " " + temperatureUnit();
    }

    public String temperatureUnit() {
        return us() ? "°F" : "°C";
    }

    /** A mass in grams, as '320 g', '1.2 kg', '0.7 lb'. */
    public String mass(double grams) {
        if (us()) {
            return number(round(grams / Convert.GRAMS_PER_POUND, 2)) + " lb";
        }
        return grams >= 1000 ? number(round(grams / 1000, 1)) + " kg" : number(round(grams, grams < 10 ? 1 : 0)) + " g";
    }

    public static String date(LocalDate day) {
        return day.format(DAY);
    }

    public static String shortDate(LocalDate day) {
        return day.format(SHORT_DAY);
    }

    /** A number without needless zeros: 12, 4.5. */
    public static String number(double value) {
        return Rounding.text(value);
    }

    /** Rounds half up to the given number of decimals. */
    public static double round(double value, int decimals) {
        return Rounding.to(decimals, value);
    }
}
