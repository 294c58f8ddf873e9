package pelluna.app.health;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.log.LogFigures;
import pelluna.core.behaviour.EventType;
import pelluna.core.health.Absence;
import pelluna.core.health.Fasting;
import pelluna.core.health.Sign;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** Who does not eat, who is not seen, who shows a sign. */
@Service
public class HealthBoard {
    /** A sign counts for so many days. Pelluna's judgement. */
    private static final int SIGN_DAYS = 7;

    private final CurrentKeeper keeper;
    private final LogFigures log;
    private final Clock clock;

    HealthBoard(LogFigures log, Clock clock, CurrentKeeper keeper) {
        this.keeper = keeper;
        this.log = log;
        this.clock = clock;
    }

    /** Something to mind about a fish. @param means what it may mean, and what to look at */
    public record Mind(Fish fish, Step step, String says, String means) {}

    /** Everything to mind about the fish of a tank. */
    public record All(List<Mind> fasting, List<Mind> signs, List<Unseen> unseen, LogFigures.LastNotes notes) {}

    @Transactional(readOnly = true)
    public All of(OwnedTank tank, List<Fish> there) {
        LogFigures.LastNotes notes = log.last(tank);
        return new All(fasting(notes, there), signs(notes, there), unseen(notes, there), notes);
    }

    /**
     * Fish that were seen eating before, or refused, and have not been seen eating for a day or more; gravest first.
     */
    private List<Mind> fasting(LogFigures.LastNotes notes, List<Fish> there) {
        LocalDate today = LocalDate.now(clock);
        Words say = keeper.words();
        List<Mind> found = new ArrayList<>();
        for (Fish f : there) {
            Map<EventType, Instant> mine = notes.of(f.id());
            Instant ate = mine.get(EventType.EATS);
            Instant refused = mine.get(EventType.NOT_EATING);
            boolean refuses = refused != null && (ate == null || ate.isBefore(refused));
            LocalDate from = ate != null ? day(ate) : refused != null ? day(refused) : null;
            long days = from == null ? 0 : ChronoUnit.DAYS.between(from, today);
            Step step = Fasting.step(f.species(), days);
            boolean said = refuses || step.atLeast(Step.CHOP);
            if (said && days > 0 && !f.missing()) {
                found.add(new Mind(
                        f,
                        step,
                        refuses
                                ? say.text("page.health.hasNotBeenSeenEatingForDays", f.said(), (int) days)
                                : say.text("page.health.hasNotBeenSeenEatingForDays2", f.said(), (int) days),
                        say.of(Sign.means(EventType.NOT_EATING).orElseThrow())));
            }
        }
        found.sort(Comparator.comparing(Mind::step).reversed());
        return found;
    }

    /** Signs of the last days, newest first of each fish. */
    private List<Mind> signs(LogFigures.LastNotes notes, List<Fish> there) {
        Instant from = log.ago(SIGN_DAYS);
        Words say = keeper.words();
        List<Mind> found = new ArrayList<>();
        for (Fish f : there) {
            notes.of(f.id()).entrySet().stream()
                    .filter(e -> e.getKey().kind() == EventType.Kind.SIGN
                            && e.getKey() != EventType.NOT_EATING
                            && e.getKey() != EventType.ABSENT
                            && e.getValue().isAfter(from))
                    .sorted(Map.Entry.<EventType, Instant>comparingByValue().reversed())
                    .forEach(e -> found.add(new Mind(
                            f,
                            e.getKey().gravity() >= 3
                                    ? Step.SURGE
                                    : e.getKey().gravity() == 2 ? Step.CHOP : Step.RIPPLE,
                            say.text("page.health.noted", f.said(), say.of(e.getKey()), day(e.getValue())),
                            Sign.means(e.getKey()).map(say::of).orElse(""))));
        }
        found.sort(Comparator.comparing(Mind::step).reversed());
        return found;
    }

    /** A fish that nobody has seen for its kind's usual time. @param since the day it was last noted */
    public record Unseen(Fish fish, LocalDate since, long days, int usual) {
        public String says(Words say) {
            return say.text("page.health.hasNotBeenNotedForDaysIts", fish.said(), (int) days, usual);
        }
    }

    /** Only where the log is kept: of fish that were noted before, in a tank in which others have been noted since. */
    private List<Unseen> unseen(LogFigures.LastNotes notes, List<Fish> there) {
        LocalDate today = LocalDate.now(clock);
        List<Unseen> found = new ArrayList<>();
        for (Fish f : there) {
            Instant seen = notes.seen(f.id());
            if (seen != null && f.swims() && f.partOf() == null) {
                long days = ChronoUnit.DAYS.between(day(seen), today);
                int usual = Absence.usualDays(
                        f.species(), f.cameOn() == null ? Long.MAX_VALUE : ChronoUnit.DAYS.between(f.cameOn(), today));
                boolean othersSince = there.stream()
                        .anyMatch(o -> o.id() != f.id()
                                && notes.seen(o.id()) != null
                                && notes.seen(o.id()).isAfter(seen.plus(1, ChronoUnit.DAYS)));
                if (days > usual && othersSince) {
                    found.add(new Unseen(f, day(seen), days, usual));
                }
            }
        }
        return found;
    }

    LocalDate day(Instant at) {
        return at.atZone(clock.getZone()).toLocalDate();
    }
}
