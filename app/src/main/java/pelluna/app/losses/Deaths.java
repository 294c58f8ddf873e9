package pelluna.app.losses;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.crew.Crews;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;
import pelluna.core.tank.ReefLife;

/**
 * Losses as bare facts, for those who hold them against something. Callers have looked the tanks up with their keeper.
 */
@Component
public class Deaths {
    private final DepartureRows rows;
    private final Crews crew;

    Deaths(DepartureRows rows, Crews crew) {
        this.rows = rows;
        this.crew = crew;
    }

    /**
     * One loss.
     *
     * @param fish null for one of the crew
     * @param kind of the crew; null for a fish
     * @param by   the fish that did it; null if nobody knows
     */
    public record Death(
            long id,
            long tank,
            Long fish,
            ReefLife kind,
            int count,
            LocalDate on,
            Cause cause,
            Sure sure,
            Long by,
            String seen) {}

    /** Some that found another home; no loss. */
    public record Elsewhere(long id, long fish, int count, LocalDate on, Left how) {}

    /** Newest first. */
    @Transactional(readOnly = true)
    public List<Elsewhere> elsewhere(Collection<OwnedTank> tanks) {
        return rows.standing(OwnedTank.ids(tanks)).stream()
                .filter(d -> !d.lost() && d.fishId() != null)
                .map(d -> new Elsewhere(d.id(), d.fishId(), d.count(), d.onDay(), d.how()))
                .toList();
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    public List<Death> of(Collection<OwnedTank> tanks) {
        Map<Long, Crews.Named> crews = crew.named(tanks);
        return rows.standing(OwnedTank.ids(tanks)).stream()
                .filter(DepartureEntity::lost)
                .map(d -> d.crewId() == null
                        ? new Death(
                                d.id(),
                                d.tankId(),
                                d.fishId(),
                                null,
                                d.count(),
                                d.onDay(),
                                d.cause(),
                                d.sure(),
                                d.byFish(),
                                d.seen())
                        : !crews.containsKey(d.crewId())
                                ? null
                                : new Death(
                                        d.id(),
                                        d.tankId(),
                                        null,
                                        crews.get(d.crewId()).kind().life(),
                                        d.count(),
                                        d.onDay(),
                                        d.cause(),
                                        d.sure(),
                                        d.byFish(),
                                        d.seen()))
                .filter(Objects::nonNull)
                .toList();
    }
}
