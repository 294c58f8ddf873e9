package pelluna.app.fish;

import java.util.Optional;
import pelluna.app.planning.Desk;
import pelluna.core.plan.Party;

/** Where a fish of the log stands in the plan. */
public final class PartyOfFish {
    private PartyOfFish() {}

    /** The party of a fish in the plan: its resident's, or its wish's. */
    public static Optional<String> of(Desk desk, Fish f) {
        return desk.living(f.id()).or(() -> desk.wished(f.id())).map(Party::id);
    }
}
