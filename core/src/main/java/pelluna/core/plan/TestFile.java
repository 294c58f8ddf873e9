package pelluna.core.plan;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * A test of the water in a {@link PlanFile}; null where it was not tested. Ammonia and nitrite in mg/L of nitrogen,
 * nitrate and phosphate in mg/L of the ion, salinity in g/kg, feed of its day in g.
 */
public record TestFile(
        LocalDate on,
        Double ammonia,
        Double nitrite,
        Double nitrate,
        Double pH,
        Double phosphate,
        Double salinity,
        Double temperatureC,
        Double feed) {
    WaterTest test(LocalDate otherwise) {
        return new WaterTest(
                on == null ? otherwise : on,
                optional(ammonia),
                optional(nitrite),
                optional(nitrate),
                optional(pH),
                optional(phosphate),
                optional(feed));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
