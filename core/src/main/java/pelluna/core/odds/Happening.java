package pelluna.core.odds;

import java.time.LocalDate;
import pelluna.core.plan.Party;
import pelluna.core.units.Statement;

/** What happens in one run, as it is told. */
public record Happening(LocalDate on, What what) {
    public sealed interface What extends Statement {}

    public record GoesIn(Party fish, int count) implements What {}

    public record Leaves(Party fish, int count) implements What {}

    /** @param many whether it is one of a group */
    public record BadlyHurt(Party fish, boolean many) implements What {}

    public record BadlyHurtBy(Party fish, boolean many, Party by) implements What {}

    public record Outgrows(Party fish) implements What {}

    public record IllnessBreaksOut(Party fish) implements What {}

    public record Breakdown() implements What {}

    /** @param before whether it was not in the tank yet */
    public record Lost(Party fish, boolean many, Fate fate, boolean before) implements What {}

    /** @param by another that killed or ate it */
    public record LostTo(Party fish, boolean many, Fate fate, Party by) implements What {}
}
