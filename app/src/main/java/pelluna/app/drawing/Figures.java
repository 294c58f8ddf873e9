package pelluna.app.drawing;

import pelluna.core.catalogue.Schools;
import pelluna.core.sieve.Figure;
import pelluna.core.sieve.Finding;
import pelluna.core.units.Convert;
import pelluna.core.units.Measures;

/** The figures of a finding in the keeper's units. */
public final class Figures {
    private Figures() {}

    /** 'needs 180 cm · has 150 cm'. */
    public static String of(Finding f, Measures say) {
        return "needs " + one(f.needs(), f.unit(), say) + " · has " + one(f.has(), f.unit(), say);
    }

    private static String one(Figure figure, String unit, Measures say) {
        if (figure.number().isEmpty()) {
            return figure.text().replace('-', ' ');
        }
        double n = figure.number().getAsDouble();
        return switch (unit) {
            case "L" -> say.volume(n);
            case "cm" -> say.length(n);
            case "in" -> say.length(Convert.cmFromInches(n));
            case "°C" -> say.temperature(n);
            default -> Measures.number(Measures.round(n, 1)) + (unit.isEmpty() ? "" : " " + unit);
        };
    }

    /** 'Bold 280 L · Customary 380 L · Cautious 475 L'; only for findings that the schools dispute. */
    public static String schools(Finding f, Measures say) {
        Schools s = f.schools().orElseThrow();
        return "Bold " + shown(s.bold(), f, say) + " · Customary " + shown(s.customary(), f, say) + " · Cautious "
                + shown(s.cautious(), f, say);
    }

    private static String shown(double value, Finding f, Measures say) {
        return f.unit().equals("L") ? say.volume(value) : say.length(value);
    }
}
