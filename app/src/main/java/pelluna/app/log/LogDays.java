package pelluna.app.log;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.Stretch;

/** The log of some days, for those who look back on them. Callers have looked the tank up with its keeper. */
@Component
@Transactional(readOnly = true)
public class LogDays {
    private static final List<String> TOLD = Arrays.stream(EventType.values())
            .filter(d -> d.kind() == EventType.Kind.SIGN || d.kind() == EventType.Kind.LIFE && d != EventType.COUNTED)
            .map(EventType::word)
            .toList();
    /** As many lines as one line of time can show. */
    public static final int MOST = 600;

    private final CurrentKeeper keeper;
    private final ObservationRows entries;
    private final WatchRows watches;
    private final LogFigures figures;
    private final Clock clock;

    LogDays(ObservationRows entries, WatchRows watches, LogFigures figures, Clock clock, CurrentKeeper keeper) {
        this.keeper = keeper;
        this.entries = entries;
        this.watches = watches;
        this.figures = figures;
        this.clock = clock;
    }

    /** A sign, a note or an event of a life. @param fish null for a note on the tank */
    public record Told(LocalDate on, LocalTime at, EventType doing, Long fish, String says) {}

    /** At most the first {@value #MOST}, oldest first; both days included. */
    public List<Told> told(OwnedTank tank, List<Fish> fish, LocalDate from, LocalDate until) {
        LogWords words = new LogWords(fish, clock.getZone(), until, keeper.words());
        return entries.between(tank.id(), start(from), start(until.plusDays(1)), TOLD, Limit.of(MOST)).stream()
                .map(e -> {
                    LogWords.Line line = words.line(e);
                    return new Told(
                            e.at().atZone(clock.getZone()).toLocalDate(),
                            e.at().atZone(clock.getZone()).toLocalTime(),
                            e.doing(),
                            e.fishId(),
                            keeper.words().title(line.says()) + (line.how().isEmpty() ? "" : " · " + line.how()));
                })
                .toList();
    }

    /** Days on which one of these was noted, from a day on, oldest first; all of them. */
    public List<LocalDate> noted(OwnedTank tank, Set<EventType> doings, LocalDate from) {
        return entries
                .findByTankIdAndAtGreaterThanEqualAndDoingInAndTakenBackIsNullOrderByAtAscIdAsc(
                        tank.id(),
                        start(from),
                        doings.stream().map(EventType::word).toList())
                .stream()
                .map(e -> e.at().atZone(clock.getZone()).toLocalDate())
                .toList();
    }

    /** What one fish did to another on one day. @param hard of gravity 2 or more */
    public record Acts(LocalDate on, long fish, long other, int acts, int hard) {}

    /** By day, the most first; both days included. */
    public List<Acts> acts(OwnedTank tank, LocalDate from, LocalDate until) {
        return entries
                .daysOfActs(
                        tank.id(),
                        start(from),
                        start(until.plusDays(1)),
                        EventTypes.CONTESTS,
                        clock.getZone().getId())
                .stream()
                .map(d -> new Acts(d.on(), d.fish(), d.other(), d.acts(), d.hard()))
                .toList();
    }

    /** Contests seen in watches from a day on, until before another. */
    public Stretch watched(OwnedTank tank, LocalDate from, LocalDate before) {
        List<WatchEntity> ended =
                watches.findByTankIdAndBeganAtGreaterThanEqualAndEndedAtIsNotNullOrderByBeganAt(tank.id(), start(from));
        return figures.contestsIn(tank, ended, start(from), start(before), null, null);
    }

    private Instant start(LocalDate day) {
        return day.atStartOfDay(clock.getZone()).toInstant();
    }
}
