package pelluna.app.fish;

import java.util.Optional;
import pelluna.app.planning.OpenTank;
import pelluna.core.plan.Party;

/** Where a fish of the log stands in the plan. */
public final class PartyOfFish {
    private PartyOfFish() {}

    /** The party of a fish in the plan: its resident's, or its wish's. */
    public static Optional<String> of(OpenTank opened, Fish f) {
        return opened.living(f.id()).or(() -> opened.wished(f.id())).map(Party::id);
    }
}
