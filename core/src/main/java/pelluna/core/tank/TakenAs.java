package pelluna.core.tank;

import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Temperature;

/** What is taken for a figure that is not said. */
public sealed interface TakenAs extends Statement {
    record UnknownAge() implements TakenAs {}

    record CoveredAs(Cover cover) implements TakenAs {}

    record SandDepth(Length depth, boolean none) implements TakenAs {}

    record HidesThere(int hides) implements TakenAs {}

    record WaterChange(double percent, int everyDays) implements TakenAs {}

    record MealsADay(int meals) implements TakenAs {}

    record SeaweedOffered(boolean offered) implements TakenAs {}

    record PodsThere(Pods pods) implements TakenAs {}

    record KeptBy(Keeper keeper) implements TakenAs {}

    record WaterTemperature(Temperature at) implements TakenAs {}

    /** In g/kg. */
    record WaterSalinity(double at) implements TakenAs {}

    record QuarantinedBy(QuarantineSchool school) implements TakenAs {}
}
