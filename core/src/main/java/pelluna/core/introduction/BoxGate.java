package pelluna.core.introduction;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;

/**
 * Whether a fish may come out of the box: the last three watches, over at least 48 hours, show no strike at it, and it
 * eats. Otherwise it waits,
 * with what is missing; or it is time to call it off. That it takes peace and eating is common practice; three
 * watches, 48 hours and ten
 * minutes a watch are Pelluna's judgement.
 *
 * @param missing what stands against release; empty when it may come out
 * @param callOff why to take it out again and think anew; usually empty
 */
public record BoxGate(List<GateReason> missing, List<GateReason> callOff) {
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

    private static List<GateReason> missing(Boxed fish, Instant now) {
        List<GateReason> missing = new ArrayList<>();
        List<BoxWatch> last = fish.watches()
                .subList(
                        Math.max(0, fish.watches().size() - WATCHES),
                        fish.watches().size());
        if (last.size() < WATCHES) {
            missing.add(new GateReason.MoreWatches(WATCHES - last.size(), WATCHES));
        }
        if (!last.isEmpty()) {
            Duration over = Duration.between(
                    last.get(0).began(), last.get(last.size() - 1).ended());
            if (last.size() == WATCHES && over.compareTo(OVER) < 0) {
                missing.add(new GateReason.CoverTooLittle(over.toHours(), OVER.toHours()));
            }
            int strikes = last.stream().mapToInt(BoxWatch::strikes).sum();
            if (strikes > 0) {
                missing.add(new GateReason.Struck(strikes, last.size()));
            }
            Duration old = Duration.between(last.get(last.size() - 1).ended(), now);
            if (old.compareTo(FRESH) > 0) {
                missing.add(new GateReason.WatchIsOld(old.toHours()));
            }
        }
        if (fish.ate().isEmpty()) {
            missing.add(new GateReason.NeverSeenEating());
        } else if (fish.refused().filter(r -> r.isAfter(fish.ate().get())).isPresent()) {
            missing.add(new GateReason.RefusedLast());
        } else if (Duration.between(fish.ate().get(), now).compareTo(OVER) > 0) {
            missing.add(new GateReason.AteLongAgo(OVER.toHours()));
        }
        if (fish.wounded()) {
            missing.add(new GateReason.Hurt());
        }
        return missing;
    }

    private static List<GateReason> callOff(Boxed fish, Instant now) {
        List<GateReason> off = new ArrayList<>();
        long days = Duration.between(fish.since(), now).toDays();
        if (fish.ate().isEmpty() && days >= FASTS_DAYS
                || fish.ate()
                        .filter(a -> Duration.between(a, now).toDays() >= FASTS_DAYS)
                        .isPresent()) {
            off.add(new GateReason.Fasts(Math.max(
                    FASTS_DAYS,
                    fish.ate().map(a -> Duration.between(a, now).toDays()).orElse(days))));
        }
        if (days >= LONGEST_DAYS && struckLately(fish) && !calming(fish)) {
            off.add(new GateReason.StillStruck(days));
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

    /** All of it in one. */
    public GateReason says() {
        return !callOff.isEmpty()
                ? new GateReason.CalledOff(callOff.get(0))
                : open() ? new GateReason.MayComeOut() : new GateReason.Waits(missing.get(0));
    }
}
