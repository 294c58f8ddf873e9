package pelluna.core.water;

import pelluna.core.units.Statement;

/** Where a figure of the water is going. */
public sealed interface Going extends Statement {
    record NoClearTrend(int tests) implements Going {}

    /** @param amount a week, in the unit that is given; that may be empty */
    record Steadily(boolean rising, double amount, String unit, int tests) implements Going {}
}
