package pelluna.app.drawing;

import java.util.stream.Collectors;
import pelluna.core.catalogue.Schools;
import pelluna.core.catalogue.Species;
import pelluna.core.sieve.Figure;
import pelluna.core.sieve.Finding;
import pelluna.core.units.Convert;
import pelluna.core.units.Rounding;
import pelluna.core.units.Unit;
import pelluna.words.Words;

/** The figures of a finding in the keeper's units. */
public final class Figures {
    private Figures() {}

    /** 'needs 180 cm · has 150 cm'. */
    public static String of(Finding f, Words say) {
        return say.text("page.drawing.needsHas", one(f.needs(), f.unit(), say), one(f.has(), f.unit(), say));
    }

    private static String one(Figure figure, Unit unit, Words say) {
        if (figure.number().isEmpty()) {
            return figure.species()
                    .map(Species::scientificName)
                    .orElseGet(() -> figure.named().stream().map(say::of).collect(Collectors.joining(", ")));
        }
        double n = figure.number().getAsDouble();
        return switch (unit) {
            case LITRES -> say.volume(n);
            case CM -> say.length(n);
            case INCHES -> say.length(Convert.cmFromInches(n));
            case CELSIUS -> say.temperature(n);
            default -> say.of(Rounding.to(1, n)) + " " + say.of(unit);
        };
    }

    /** 'Bold 280 L · Customary 380 L · Cautious 475 L'; only for findings that the schools dispute. */
    public static String schools(Finding f, Words say) {
        Schools s = f.schools().orElseThrow();
        return say.text(
                "page.drawing.boldCustomaryCautious",
                shown(s.bold(), f, say),
                shown(s.customary(), f, say),
                shown(s.cautious(), f, say));
    }

    private static String shown(double value, Finding f, Words say) {
        return f.unit() == Unit.LITRES ? say.volume(value) : say.length(value);
    }
}
