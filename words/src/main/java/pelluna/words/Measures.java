package pelluna.words;

import pelluna.core.units.Convert;
import pelluna.core.units.Rounding;

/**
 * Writes quantities the way a keeper reads them, in one unit system. Figures come in metric and go out rounded to what
 * a keeper can act on: whole litres and centimetres, half centimetres below 10 cm.
 */
final class Measures {
    private final UnitSystem system;
    private final Numbers numbers;
    private final Messages messages;

    Measures(UnitSystem system, Numbers numbers, Messages messages) {
        this.system = system;
        this.numbers = numbers;
        this.messages = messages;
    }

    UnitSystem system() {
        return system;
    }

    boolean us() {
        return system == UnitSystem.US;
    }

    /** A length in cm, as '12 cm' or '4.7 in'. */
    String length(double cm) {
        return numbers.text(lengthValue(cm)) + " " + lengthUnit();
    }

    double lengthValue(double cm) {
        double value = us() ? Convert.inchesFromCm(cm) : cm;
        return us() ? Rounding.to(value < 20 ? 1 : 0, value) : Rounding.to(value < 10 ? 1 : 0, value);
    }

    String lengthUnit() {
        return unit(us() ? "inches" : "cm");
    }

    /** A volume in litres, as '428 L' or '113 gal'. */
    String volume(double litres) {
        return numbers.text(volumeValue(litres)) + " " + volumeUnit();
    }

    double volumeValue(double litres) {
        double value = us() ? Convert.gallonsFromLitres(litres) : litres;
        return Rounding.to(value < 10 ? 1 : 0, value);
    }

    String volumeUnit() {
        return unit(us() ? "gallons" : "litres");
    }

    /** A temperature in degrees Celsius, as '25.5 °C' or '77.9 °F'. */
    String temperature(double celsius) {
        return numbers.text(Rounding.to(1, us() ? Convert.fahrenheitFromCelsius(celsius) : celsius)) + " "
                + temperatureUnit();
    }

    String temperatureUnit() {
        return unit(us() ? "fahrenheit" : "celsius");
    }

    /** A mass in grams, as '320 g', '1.2 kg', '0.7 lb'. */
    String mass(double grams) {
        if (us()) {
            return numbers.text(Rounding.to(2, grams / Convert.GRAMS_PER_POUND)) + " " + unit("pounds");
        }
        return grams >= 1000
                ? numbers.text(Rounding.to(1, grams / 1000)) + " " + unit("kilograms")
                : numbers.text(Rounding.to(grams < 10 ? 1 : 0, grams)) + " " + unit("grams");
    }

    /** Minutes below an hour, else hours to a tenth. */
    String hours(double hours) {
        return hours < 1
                ? Math.round(hours * 60) + " " + unit("minutes")
                : numbers.text(Rounding.to(1, hours)) + " " + unit("hours");
    }

    private String unit(String name) {
        return messages.get("words.unit." + name).pattern();
    }
}
