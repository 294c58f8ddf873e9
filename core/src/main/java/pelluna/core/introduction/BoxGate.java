package pelluna.core.introduction;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;
import pelluna.core.units.English;

/**
 * Whether a fish may come out of the box: the last three watches, over at least 48 hours, show no strike at it, and it
 * eats. Otherwise it waits,
 * with what is missing; or it is time to call it off. That it takes peace and eating is common practice; three
 * watches, 48 hours and ten
 * minutes a watch are Pelluna's judgement.
 *
 * @param missing what stands against release, in sentences; empty when it may come out
 * @param callOff why to take it out again and think anew, in sentences; usually empty
 */
public record BoxGate(List<String> missing, List<String> callOff) {
    static final int WATCHES = 3;
    static final Duration OVER = Duration.ofHours(48);
    /** A shorter watch says too little. */
    static final Duration LEAST_WATCH = Duration.ofMinutes(10);

    private static final Duration FRESH = Duration.ofHours(36);
    private static final int LONGEST_DAYS = 14;
    private static final int FASTS_DAYS = 3;

    /**
     * What is known of a fish in the box. @param ate when it was last seen eating; @param refused when it was last
     * seen not to eat; @param wounded whether it was seen hurt in the box
     */
    public record Boxed(
            Instant since, List<BoxWatch> watches, Optional<Instant> ate, Optional<Instant> refused, boolean wounded) {
        public Boxed {
            watches = watches.stream()
                    .filter(w -> w.length().compareTo(LEAST_WATCH) >= 0)
                    .sorted(Comparator.comparing(BoxWatch::began))
                    .toList();
        }
    }

    public static BoxGate of(Boxed fish, Instant now) {
        return new BoxGate(missing(fish, now), callOff(fish, now));
    }

    private static List<String> missing(Boxed fish, Instant now) {
        List<String> missing = new ArrayList<>();
        List<BoxWatch> last = fish.watches()
                .subList(
                        Math.max(0, fish.watches().size() - WATCHES),
                        fish.watches().size());
        if (last.size() < WATCHES) {
            int more = WATCHES - last.size();
            missing.add(English.capital(English.count(more, "watch", "watches"))
                    + " more of ten minutes or longer, of the " + WATCHES + " that are needed.");
        }
        if (!last.isEmpty()) {
            Duration over = Duration.between(
                    last.get(0).began(), last.get(last.size() - 1).ended());
            if (last.size() == WATCHES && over.compareTo(OVER) < 0) {
                missing.add("The last three watches cover " + over.toHours() + " h; they have to cover 48.");
            }
            int strikes = last.stream().mapToInt(BoxWatch::strikes).sum();
            if (strikes > 0) {
                missing.add(English.capital(English.count(strikes, "strike", "strikes")) + " at the box in the last "
                        + (last.size() == 1 ? "watch" : English.count(last.size(), "watch", "watches"))
                        + "; there have to be none.");
            }
            if (Duration.between(last.get(last.size() - 1).ended(), now).compareTo(FRESH) > 0) {
                missing.add("The last watch is "
                        + Duration.between(last.get(last.size() - 1).ended(), now)
                                .toHours() + " h old; watch once more.");
            }
        }
        if (fish.ate().isEmpty()) {
            missing.add("It has not been seen eating in the box.");
        } else if (fish.refused().filter(r -> r.isAfter(fish.ate().get())).isPresent()) {
            missing.add("It did not eat when it was last fed.");
        } else if (Duration.between(fish.ate().get(), now).compareTo(OVER) > 0) {
            missing.add("It was last seen eating more than 48 h ago.");
        }
        if (fish.wounded()) {
            missing.add("It is hurt; let it heal first.");
        }
        return missing;
    }

    private static List<String> callOff(Boxed fish, Instant now) {
        List<String> off = new ArrayList<>();
        long days = Duration.between(fish.since(), now).toDays();
        if (fish.ate().isEmpty() && days >= FASTS_DAYS
                || fish.ate()
                        .filter(a -> Duration.between(a, now).toDays() >= FASTS_DAYS)
                        .isPresent()) {
            off.add("It has not eaten for "
                    + Math.max(
                            FASTS_DAYS,
                            fish.ate()
                                    .map(a -> Duration.between(a, now).toDays())
                                    .orElse(days)) + " days: back to a quiet place of its own.");
        }
        if (days >= LONGEST_DAYS && struckLately(fish) && !calming(fish)) {
            off.add("After " + days
                    + " days they still strike at the box, and no less than at first: these will not get used "
                    + "to each other.");
        }
        return off;
    }

    private static boolean struckLately(Boxed fish) {
        List<BoxWatch> w = fish.watches();
        return w.subList(Math.max(0, w.size() - WATCHES), w.size()).stream().anyMatch(b -> b.strikes() > 0);
    }

    /** Strikes at the box, the later half of the watches against the earlier. */
    public static RateChange course(Boxed fish) {
        int half = fish.watches().size() / 2;
        return RateChange.between(
                stretch(fish.watches().subList(0, half)),
                stretch(fish.watches().subList(half, fish.watches().size())));
    }

    private static boolean calming(Boxed fish) {
        return course(fish).way() == RateChange.Way.CALMER;
    }

    private static Stretch stretch(List<BoxWatch> some) {
        return some.stream()
                .map(w -> new Stretch(w.strikes(), w.length().toSeconds() / 3600.0))
                .reduce(Stretch.NOTHING, Stretch::and);
    }

    public boolean open() {
        return missing.isEmpty() && callOff.isEmpty();
    }

    /** One sentence that says it all. */
    public String says() {
        return !callOff.isEmpty()
                ? "Call it off. " + callOff.get(0)
                : open() ? "It may come out: at lights-out, with the tank fed first." : "Wait. " + missing.get(0);
    }
}
