package pelluna.core.assessment;

import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.units.Statement;

/** What a change of the plan does to it. Levels in mg/L, inches or percent, after the change and before. */
public sealed interface Effect extends Statement {
    record Nothing() implements Effect {}

    record ComeIn(List<Party> fish) implements Effect {}

    record StayBehind(List<Party> fish) implements Effect {}

    record NitrateAt(double after, double before) implements Effect {}

    record InchesHeld(double after, double before) implements Effect {}

    record RoomTakenTo(double after, double before) implements Effect {}

    /** @param less whether the order costs less then */
    record OrderCosts(int points, boolean less) implements Effect {}
}
