package pelluna.app.log;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.core.behaviour.EventType;
import pelluna.core.losses.SeriousFight;

/**
 * Serious fights that the log has seen, and signs on fish over all its time. Callers have looked the tank up with its
 * keeper.
 */
@Component
@Transactional(readOnly = true)
public class Fights {
    private static final List<String> HURT = List.of(EventType.WOUND.word(), EventType.TORN_FIN.word());
    private static final List<String> SIGNS =
            List.of(EventType.SPOTS.word(), EventType.THIN.word(), EventType.JUMPED.word());
    private static final int HURT_DAYS = 2;

    private final ObservationRows entries;
    private final WatchRows watches;
    private final Clock clock;

    Fights(ObservationRows entries, WatchRows watches, Clock clock) {
        this.entries = entries;
        this.watches = watches;
        this.clock = clock;
    }

    /**
     * One fish against another on a day. @param hurt whether its target was seen with a wound or a torn fin within two
     * days
     */
    public record Fight(long fish, long other, LocalDate on, int acts, int hard, boolean hurt) {}

    /** Something that was noted of a fish. */
    public record Noted(long fish, EventType doing, LocalDate on) {}

    /** Newest first. */
    public List<Fight> serious(Collection<OwnedTank> tanks) {
        Map<Long, NavigableSet<LocalDate>> hurt = new HashMap<>();
        noted(tanks, HURT)
                .forEach(n ->
                        hurt.computeIfAbsent(n.fish(), f -> new TreeSet<>()).add(n.on()));
        List<Fight> fights = new ArrayList<>();
        for (ObservationRows.DayOfActs d : entries.hardDays(
                OwnedTank.ids(tanks), EventTypes.CONTESTS, clock.getZone().getId())) {
            long other = d.other();
            LocalDate on = d.on();
            int hard = d.hard();
            boolean wounded = hurt.containsKey(other) && within(hurt.get(other).ceiling(on), on);
            if (SeriousFight.is(hard, d.gravest(), wounded)) {
                fights.add(new Fight(d.fish(), other, on, d.acts(), hard, wounded));
            }
        }
        fights.sort(Comparator.comparing(Fight::on).reversed());
        return fights;
    }

    /** @param seen the first day from then on; null for none */
    private static boolean within(LocalDate seen, LocalDate on) {
        return seen != null && !seen.isAfter(on.plusDays(HURT_DAYS));
    }

    /** Spots, thinness and jumps, oldest first. */
    public List<Noted> signs(Collection<OwnedTank> tanks) {
        return noted(tanks, SIGNS);
    }

    private List<Noted> noted(Collection<OwnedTank> tanks, List<String> doings) {
        return entries.ofKind(OwnedTank.ids(tanks), doings).stream()
                .filter(e -> e.fishId() != null)
                .map(e -> new Noted(
                        e.fishId(), e.doing(), e.at().atZone(clock.getZone()).toLocalDate()))
                .toList();
    }

    /** Contests since a moment, summed by who and whom. */
    public List<LogFigures.Watched> contestsSince(OwnedTank tank, Instant since) {
        return entries.pairs(tank.id(), since, EventTypes.CONTESTS).stream()
                .map(p -> new LogFigures.Watched(p.fish(), p.other(), p.times()))
                .toList();
    }

    /** Ended watches of all time, oldest first. */
    public List<WatchEntity> watches(OwnedTank tank) {
        return watches.findByTankIdAndBeganAtGreaterThanEqualAndEndedAtIsNotNullOrderByBeganAt(
                tank.id(), Instant.EPOCH);
    }
}
