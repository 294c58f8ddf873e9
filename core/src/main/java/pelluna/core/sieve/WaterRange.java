package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Step;
import pelluna.core.units.Temperature;
import pelluna.core.units.Unit;

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
                ? compare(s, s.tank().temperatureC(), n.coolestC(), n.warmestC(), Unit.CELSIUS, "temperature")
                : compare(s, s.tank().salinity(), n.leastSalinity(), n.mostSalinity(), Unit.GRAMS_PER_KG, "salinity");
    }

    private List<Finding> compare(Setting s, double has, double least, double most, Unit unit, String fact) {
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
                range(least, most, has),
                Remedy.change(fact, held(wanted)),
                s.source(fact)));
    }

    private Reason range(double least, double most, double has) {
        return rule == RuleName.TEMPERATURE
                ? new Reason.TemperatureRange(new Temperature(least), new Temperature(most), new Temperature(has))
                : new Reason.SalinityRange(least, most, has);
    }

    private Condition held(double at) {
        return rule == RuleName.TEMPERATURE
                ? new Condition.TemperatureHeld(new Temperature(at))
                : new Condition.SalinityHeld(at);
    }
}
