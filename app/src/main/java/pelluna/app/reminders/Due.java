package pelluna.app.reminders;

import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import pelluna.app.account.Beside;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.account.TankRole;
import pelluna.app.today.DueLists;

/** What is due at all the tanks that a keeper looks after: as owner or as helper, and none that is put away. */
@Component
class Due {
    private static final Logger LOG = LoggerFactory.getLogger(Due.class);

    private final CurrentKeeper keeper;
    private final Ownership ownership;
    private final DueLists lists;

    Due(CurrentKeeper keeper, Ownership ownership, DueLists lists) {
        this.keeper = keeper;
        this.ownership = ownership;
        this.lists = lists;
    }

    /** For who asks; without tanks at which nothing is to be said. */
    List<DueLists.OfTank> own() {
        return first(Integer.MAX_VALUE);
    }

    /** The same of the first tanks only, for a page that does not wait for a hundred. */
    List<DueLists.OfTank> first(int most) {
        return ownership.entered().stream()
                .map(Ownership.Entered::tank)
                .filter(t -> t.role() == TankRole.OWNER || t.role() == TankRole.HELPER)
                .filter(t -> !t.archived())
                .limit(most)
                .flatMap(t -> of(t).stream())
                .filter(t -> !t.quiet())
                .toList();
    }

    /** Each as if it were asked for alone: a tank is read with the facts of its owner. */
    private Optional<DueLists.OfTank> of(OwnedTank tank) {
        try {
            return Optional.of(Beside.alone(
                    keeper.get().id(), keeper.words().language(), () -> lists.of(ownership.tank(tank.id()))));
        } catch (RuntimeException e) {
            // one tank that cannot be read keeps nobody from hearing of the others
            LOG.warn("What is due at tank {} could not be found: {}", tank, e.toString());
            return Optional.empty();
        }
    }
}
