package pelluna.core.plan;

import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What stands in a plan in the place of what can be read. */
public sealed interface PlanFound extends Statement {
    record Text(String text) implements PlanFound {}

    record Quoted(String text) implements PlanFound {}

    record Nothing() implements PlanFound {}

    record OfLength(Length length) implements PlanFound {}

    record HidesDrawn(int count) implements PlanFound {}

    record HeightsGiven(int count) implements PlanFound {}
}
