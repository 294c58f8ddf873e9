package pelluna.core.introduction;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.behaviour.RateChange;

/**
 * The step ladder when a newcomer is pressed: feed, mirror, rock, time-out, take out. It says what has been tried,
 * what it did, and which
 * rung comes next. Immutable.
 *
 * @param rungs every measure in order, with the last time that it was tried
 * @param next  what to do now; which measure it names, if one
 */
public record Ladder(List<Rung> rungs, NextRung next, Optional<Intervention> suggests) {
    /** A measure and the last time that it was tried, if it was. */
    public record Rung(Intervention measure, Optional<Taken> last) {
        /** How it is done. */
        public NextRung.HowTo how() {
            return new NextRung.HowTo(measure);
        }
    }

    /**
     * @param taken  in any order
     * @param urgent whether a pull-out rule has been met: then no rung but taking one of them out
     */
    public static Ladder of(List<Taken> taken, boolean urgent, Instant now) {
        List<Rung> rungs = new ArrayList<>();
        for (Intervention m : Intervention.values()) {
            rungs.add(
                    new Rung(m, taken.stream().filter(t -> t.measure() == m).max(Comparator.comparing(Taken::began))));
        }
        Optional<Taken> running =
                taken.stream().filter(t -> t.ended().isEmpty()).max(Comparator.comparing(Taken::began));
        if (urgent) {
            return new Ladder(rungs, new NextRung.TakeOneOut(), Optional.of(Intervention.BACK_THROUGH_BOX));
        }
        if (running.isPresent()) {
            Taken t = running.get();
            long days = Duration.between(t.began(), now).toDays();
            if (days < t.measure().tryDays()) {
                return new Ladder(
                        rungs,
                        new NextRung.GiveItTime(
                                t.measure(), (int) days, t.measure().tryDays()),
                        Optional.empty());
            }
            if (t.did().way() == RateChange.Way.CALMER) {
                return new Ladder(rungs, new NextRung.Helps(t.measure(), t.did().course()), Optional.empty());
            }
        }
        Optional<Taken> latest = taken.stream().max(Comparator.comparing(Taken::began));
        if (running.isEmpty()
                && latest.filter(t -> t.did().way() == RateChange.Way.CALMER).isPresent()) {
            return new Ladder(
                    rungs,
                    new NextRung.HasHelped(
                            latest.get().measure(), latest.get().did().course()),
                    Optional.empty());
        }
        Optional<Intervention> untried = Arrays.stream(Intervention.values())
                .filter(m -> m != Intervention.TRAP)
                .filter(m -> rungs.get(m.ordinal()).last().isEmpty())
                .findFirst();
        return new Ladder(
                rungs,
                untried.<NextRung>map(m -> new NextRung.TryNext(m, new NextRung.HowTo(m)))
                        .orElse(new NextRung.AllTried()),
                untried.or(() -> Optional.of(Intervention.REHOME)));
    }
}
