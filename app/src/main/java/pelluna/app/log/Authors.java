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

    /** From a line to what a page says of its author; empty in a tank of which one alone writes. */
    Function<ObservationEntity, String> of(OwnedTank tank, List<ObservationEntity> lines) {
        List<Long> all = lines.stream()
                .map(ObservationEntity::author)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        boolean alone = lines.stream().allMatch(l -> keeper.get().id().equals(l.author()));
        if (alone && !ownership.shared(tank)) {
            return line -> "";
        }
        Map<Long, String> names = keepers.names(all);
        return line -> line.author() != null && names.containsKey(line.author())
                ? names.get(line.author())
                : line.authorName() != null ? line.authorName() : keeper.words().text("page.people.accountGone");
    }
}
