package pelluna.core.introduction;

import pelluna.core.units.Statement;

/** What to mind when a fish is caught and carried. */
public sealed interface CarryingAdvice extends Statement {
    record NoNetNoHand() implements CarryingAdvice {}

    record SpinesSnag() implements CarryingAdvice {}

    record ContainerIsKinder() implements CarryingAdvice {}

    record BladesCut() implements CarryingAdvice {}

    record CoverTheContainer() implements CarryingAdvice {}

    record NoWaterAcross() implements CarryingAdvice {}

    record UnplugFirst() implements CarryingAdvice {}
}
