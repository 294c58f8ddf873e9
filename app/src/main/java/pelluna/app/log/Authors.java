package pelluna.app.log;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Keepers;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;

/** Who wrote a line of the log; said where several people write. */
@Component
class Authors {
    private final Ownership ownership;
    private final Keepers keepers;
    private final CurrentKeeper keeper;

    Authors(Ownership ownership, Keepers keepers, CurrentKeeper keeper) {
        this.ownership = ownership;
        this.keepers = keepers;
        this.keeper = keeper;
    }

    /** From the number of an account, or null, to what a page says; empty in a tank of which one alone writes. */
    Function<Long, String> of(OwnedTank tank, List<ObservationEntity> lines) {
        List<Long> all =
                lines.stream().map(ObservationEntity::author).distinct().toList();
        boolean alone = all.stream().allMatch(keeper.get().id()::equals);
        if (alone && !ownership.shared(tank)) {
            return author -> "";
        }
        Map<Long, String> names =
                keepers.names(all.stream().filter(Objects::nonNull).toList());
        return author -> author == null || !names.containsKey(author)
                ? keeper.words().text("page.people.accountGone")
                : names.get(author);
    }
}
