package pelluna.app.tankplace;

import java.util.List;
import pelluna.app.limits.Numbers;
import pelluna.core.units.Convert;
import pelluna.core.units.Unit;
import pelluna.words.Words;

/** Between what a keeper types in their units and the metric figures of the plan file. */
final class Typed {
    private Typed() {}

    /** Thrown for text that is no number where one is expected. */
    static final class NotANumberException extends Exception {}

    /** The plan file's value of a typed field; null for an empty one. */
    static Object parse(TankField field, List<String> typed, Words say) throws NotANumberException {
        String text = typed.isEmpty() ? "" : typed.get(typed.size() - 1).trim();
        if (field.kind() == TankField.Kind.WORDS) {
            return typed.stream().filter(t -> !t.isBlank()).toList();
        }
        if (text.isEmpty()) {
            return null;
        }
        if (field.kind() == TankField.Kind.FLAG) {
            return Boolean.valueOf(text);
        }
        if (!field.kind().number()) {
            return text;
        }
        try {
            double value = Numbers.finite(text.replace(',', '.'));
            if (!Double.isFinite(value)) {
                throw new NotANumberException();
            }
            double metric = say.us() ? metric(field.kind(), value) : value;
            return field.kind() == TankField.Kind.WHOLE && metric == Math.rint(metric) && Math.abs(metric) < 1e9
                    ? (Object) (int) metric
                    : (Object) metric;
        } catch (NumberFormatException e) {
            throw new NotANumberException();
        }
    }

    private static double metric(TankField.Kind kind, double us) {
        return switch (kind) {
            case LENGTH -> Convert.cmFromInches(us);
            case VOLUME -> Convert.litresFromGallons(us);
            case MASS -> Convert.kgFromPounds(us);
            case TEMPERATURE -> Convert.celsiusFromFahrenheit(us);
            default -> us;
        };
    }

    /** A stored value as the keeper reads and types it. */
    static String shown(TankField.Kind kind, Object value, Words say) {
        if (value == null) {
            return "";
        }
        if (!(value instanceof Number n) || !kind.number()) {
            return value.toString();
        }
        double metric = n.doubleValue();
        double shown = !say.us()
                ? metric
                : switch (kind) {
                    case LENGTH -> Convert.inchesFromCm(metric);
                    case VOLUME -> Convert.gallonsFromLitres(metric);
                    case MASS -> Convert.poundsFromKg(metric);
                    case TEMPERATURE -> Convert.fahrenheitFromCelsius(metric);
                    default -> metric;
                };
        return say.number(shown, 2);
    }

    static String unit(TankField.Kind kind, Words say) {
        return switch (kind) {
            case LENGTH -> say.lengthUnit();
            case VOLUME -> say.volumeUnit();
            case MASS -> say.text(say.us() ? "words.unit.pounds" : "words.unit.kilograms");
            case TEMPERATURE -> say.temperatureUnit();
            case SALINITY -> say.of(Unit.GRAMS_PER_KG);
            case NITRATE -> say.of(Unit.NITRATE);
            case PERCENT -> "%";
            case DAYS -> say.text("page.tankplace.inDays");
            default -> "";
        };
    }

    /** '10 to 2000 cm', in the keeper's units. */
    static String range(TankField.Kind kind, double least, double most, Words say) {
        return say.text("page.tankplace.range", shown(kind, least, say), shown(kind, most, say), unit(kind, say))
                .strip();
    }
}
