package pelluna.core.losses;

import java.util.List;
import pelluna.core.behaviour.Course;
import pelluna.core.units.Statement;

/** What stands out in the days before a loss. Levels in mg/L, temperatures in degrees Celsius. */
public sealed interface BeforeIt extends Statement {
    /** What is tested. */
    enum Substance {
        AMMONIA,
        NITRITE
    }

    record NobodyNew(int days) implements BeforeIt {}

    record NewFish(List<String> fish) implements BeforeIt {}

    record LostFish(List<String> fish) implements BeforeIt {}

    record FirstSign(String sign) implements BeforeIt {}

    record NotTested(Substance substance) implements BeforeIt {}

    /** @param over whether a cycled tank should not show so much */
    record WentUp(Substance substance, double most, boolean over) implements BeforeIt {}

    /** @param tooMuch whether it moved more than it should */
    record ProbeBetween(double low, double high, boolean tooMuch) implements BeforeIt {}

    record NoProbe() implements BeforeIt {}

    record LaterHalf(Course course) implements BeforeIt {}

    record NobodyWatched() implements BeforeIt {}
}
