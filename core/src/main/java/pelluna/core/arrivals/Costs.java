package pelluna.core.arrivals;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;

/** What an order by hand costs, piece by piece. */
public sealed interface Costs extends Statement {
    record AsCalm() implements Costs {}

    record Points(int points) implements Costs {}

    record PointsBecause(int points, Pair because) implements Costs {}

    /** @param firstPresses whether it is the first of the two that presses, at so much of 100 */
    record Pair(List<Species> first, List<Species> later, boolean firstPresses, long index, Step step)
            implements Costs {}

    record SameDay() implements Costs {}

    record Later(int days) implements Costs {}

    record Earlier(int days) implements Costs {}
}
