package pelluna.core.introduction;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.behaviour.RateChange;
import pelluna.core.units.English;

/**
 * The step ladder when a newcomer is pressed: feed, mirror, rock, time-out, take out. It says what has been tried,
 * what it did, and which
 * rung comes next. Immutable.
 *
 * @param rungs every measure in order, with the last time that it was tried
 * @param next  what to do now, in a sentence; which measure it names, if one
 */
public record Ladder(List<Rung> rungs, String next, Optional<Measure> suggests) {
    /** A measure and the last time that it was tried, if it was. */
    public record Rung(Measure measure, Optional<Taken> last) {}

    /**
     * @param taken  in any order
     * @param urgent whether a pull-out rule has been met: then no rung but taking one of them out
     */
    public static Ladder of(List<Taken> taken, boolean urgent, Instant now) {
        List<Rung> rungs = new ArrayList<>();
        for (Measure m : Measure.values()) {
            rungs.add(
                    new Rung(m, taken.stream().filter(t -> t.measure() == m).max(Comparator.comparing(Taken::began))));
        }
        Optional<Taken> running =
                taken.stream().filter(t -> t.ended().isEmpty()).max(Comparator.comparing(Taken::began));
        if (urgent) {
            return new Ladder(
                    rungs,
                    "A pull-out rule is met: take one of them out now, by time-out, trap or the newcomer back into "
                            + "the box.",
                    Optional.of(Measure.BACK_THROUGH_BOX));
        }
        if (running.isPresent()) {
            Taken t = running.get();
            long days = Duration.between(t.began(), now).toDays();
            if (days < t.measure().tryDays()) {
                return new Ladder(
                        rungs,
                        English.capital(t.measure().plain()) + " has been tried for "
                                + English.count((int) days, "day", "days") + "; give it "
                                + t.measure().tryDays() + ", and watch meanwhile.",
                        Optional.empty());
            }
            if (t.did().way() == RateChange.Way.CALMER) {
                return new Ladder(
                        rungs,
                        English.capital(t.measure().plain()) + " helps: "
                                + t.did().words() + ". Keep to it.",
                        Optional.empty());
            }
        }
        Optional<Taken> latest = taken.stream().max(Comparator.comparing(Taken::began));
        if (running.isEmpty()
                && latest.filter(t -> t.did().way() == RateChange.Way.CALMER).isPresent()) {
            return new Ladder(
                    rungs,
                    English.capital(latest.get().measure().plain()) + " has helped: "
                            + latest.get().did().words() + ". Go on watching; nothing more is asked for now.",
                    Optional.empty());
        }
        Optional<Measure> untried = Arrays.stream(Measure.values())
                .filter(m -> m != Measure.TRAP)
                .filter(m -> rungs.get(m.ordinal()).last().isEmpty())
                .findFirst();
        return new Ladder(
                rungs,
                untried.map(m -> "If it has to be more: " + m.plain() + ". " + m.how())
                        .orElse("Everything on the ladder has been tried; one of them needs another home."),
                untried.or(() -> Optional.of(Measure.REHOME)));
    }
}
