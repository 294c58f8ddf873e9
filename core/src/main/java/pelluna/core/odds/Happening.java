package pelluna.core.odds;

import java.time.LocalDate;
import java.util.Optional;
import pelluna.core.plan.Party;
import pelluna.core.units.Statement;

/** What happens in one run, as it is told. */
public record Happening(LocalDate on, What what) {
    public sealed interface What extends Statement {}

    public record GoesIn(Party fish, int count) implements What {}

    public record Leaves(Party fish, int count) implements What {}

    /** @param by who pressed it most, where that was another party */
    public record BadlyHurt(Party fish, Optional<Party> by) implements What {}

    public record Outgrows(Party fish) implements What {}

    public record IllnessBreaksOut(Party broughtBy) implements What {}

    public record Breakdown() implements What {}

    /** @param left how many of its party are left then */
    public record Lost(Party fish, Fate fate, Optional<Party> by, int left) implements What {}
}
