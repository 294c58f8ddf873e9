package pelluna.app.fish;

import java.util.Optional;
import pelluna.app.planning.Desk;

/** Where a fish of the log stands in the plan. */
public final class PartyOfFish {
    private PartyOfFish() {}

    /** The party of a fish in the plan: its resident's, or its wish's. */
    public static Optional<String> of(Desk desk, Fish f) {
        for (int i = 0; i < desk.residents().size(); i++) {
            if (desk.residents().get(i).id().equals(f.residentId())) {
                return Optional.of(desk.plan().residents().get(i).id());
            }
        }
        for (int i = 0; i < desk.wishes().size(); i++) {
            if (desk.wishes().get(i).id().equals(f.wishId())) {
                return Optional.of(desk.plan().wishes().get(i).id());
            }
        }
        return Optional.empty();
    }
}
