package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/**
 * Temperature and salinity against the species' range. Up to one unit outside a Ripple, up to two a Chop, beyond a
 * Surge:
 * Pelluna's judgement.
 */
final class WaterRange implements Rule {
    private final RuleName rule;

    WaterRange(RuleName rule) {
        this.rule = rule;
    }

    @Override
    public List<Finding> check(Setting s) {
        Species.Needs n = s.species().needs();
        return rule == RuleName.TEMPERATURE
                ? compare(s, s.tank().temperatureC(), n.coolestC(), n.warmestC(), "°C", "temperature")
                : compare(s, s.tank().salinity(), n.leastSalinity(), n.mostSalinity(), "g/kg", "salinity");
    }

    private List<Finding> compare(Setting s, double has, double least, double most, String unit, String fact) {
        double outside = Math.max(least - has, has - most);
        if (outside <= 0) {
            return List.of();
        }
        double wanted = has < least ? least : most;
        Step step = outside <= 1 ? Step.RIPPLE : outside <= 2 ? Step.CHOP : Step.SURGE;
        return List.of(Finding.of(
                rule,
                step,
                Figure.of(wanted),
                Figure.of(has),
                unit,
                "It keeps well from " + shown(s, least) + " to " + shown(s, most) + "; yours is " + shown(s, has) + ".",
                Remedy.change(fact, "the " + fact + " is held at " + shown(s, wanted)),
                s.source(fact)));
    }

    private String shown(Setting s, double value) {
        return rule == RuleName.TEMPERATURE ? s.say().temperature(value) : Measures.number(value) + " g/kg";
    }
}
