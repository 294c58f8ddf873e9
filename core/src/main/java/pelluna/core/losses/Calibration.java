package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.units.Step;

/** Of pairs at each step of tension, how many were seen to fight; only pairs that somebody watched together. */
public final class Calibration {
    /** Under this p it is hard to call it chance. Common practice. */
    private static final double CHANCE = 0.05;

    private Calibration() {}

    /**
     * Two fish that live, or lived, together.
     *
     * @param index  the higher of the two tensions between them on the day the later came, 0 to 100
     * @param step   of it
     * @param hours  watched since, while both were there
     * @param acts   contests seen between them since, either way
     * @param hard   whether one of them was a hard fight
     */
    public record Pair(double index, Step step, double hours, int acts, boolean hard) {}

    /**
     * One step.
     *
     * @param unwatched pairs that nobody watched: nobody can say
     * @param fought    of those watched
     * @param hard      of those watched
     * @param hours     watched, all pairs together
     */
    public record Bin(Step step, int unwatched, Share fought, Share hard, double hours) {}

    /** From Calm to Surge. */
    public static List<Bin> of(List<Pair> pairs) {
        List<Bin> bins = new ArrayList<>();
        for (Step step : Step.values()) {
            List<Pair> mine = pairs.stream().filter(p -> p.step() == step).toList();
            List<Pair> watched = mine.stream().filter(p -> p.hours() > 0).toList();
            bins.add(new Bin(
                    step,
                    mine.size() - watched.size(),
                    Share.of((int) watched.stream().filter(p -> p.acts() > 0).count(), watched.size()),
                    Share.of((int) watched.stream().filter(Pair::hard).count(), watched.size()),
                    watched.stream().mapToDouble(Pair::hours).sum()));
        }
        return bins;
    }

    /**
     * Whether more of those at Chop or Surge were seen to contest than of those below, with the counts and how far to
     * trust them (Fisher 1935).
     */
    public static InCommon trend(List<Bin> bins) {
        Share above = contested(bins, true);
        Share below = contested(bins, false);
        return above.of() == 0 || below.of() == 0
                ? new InCommon.NotEnoughWatched()
                : new InCommon.Contested(
                        above.hits(),
                        above.of(),
                        below.hits(),
                        below.of(),
                        FisherExact.p(above.hits(), above.of(), below.hits(), below.of()) >= CHANCE,
                        above.value() > below.value());
    }

    private static Share contested(List<Bin> bins, boolean said) {
        List<Share> mine = bins.stream()
                .filter(b -> b.step().atLeast(Step.CHOP) == said)
                .map(Bin::fought)
                .toList();
        return Share.of(
                mine.stream().mapToInt(Share::hits).sum(),
                mine.stream().mapToInt(Share::of).sum());
    }
}
