package pelluna.core.plan;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * A test of the water. Ammonia and nitrite in mg/L as nitrogen, nitrate and phosphate in mg/L as the ion, as the plan
 * file has them.
 *
 * @param ammonia total ammonia
 * @param feed    what the fish took on that day, g of dry food, from which the nitrate came; empty if it was not
 * reckoned then
 */
public record WaterTest(
        LocalDate on,
        OptionalDouble ammonia,
        OptionalDouble nitrite,
        OptionalDouble nitrate,
        OptionalDouble pH,
        OptionalDouble phosphate,
        OptionalDouble feed) {
    /** Without phosphate and feed. */
    public WaterTest(
            LocalDate on, OptionalDouble ammonia, OptionalDouble nitrite, OptionalDouble nitrate, OptionalDouble pH) {
        this(on, ammonia, nitrite, nitrate, pH, OptionalDouble.empty(), OptionalDouble.empty());
    }
}
