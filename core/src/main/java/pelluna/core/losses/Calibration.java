package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;

import pelluna.core.units.Step;

/** Of pairs at each step of tension, how many were seen to fight; only pairs that somebody watched together. */
public final class Calibration {
    private Calibration() { }

    /**
     * Two fish that live, or lived, together.
     *
     * @param index  the higher of the two tensions between them on the day the later came, 0 to 100
     * @param step   of it
     * @param hours  watched since, while both were there
     * @param acts   contests seen between them since, either way
     * @param hard   whether one of them was a hard fight
     */
    public record Pair(double index, Step step, double hours, int acts, boolean hard) { }

    /**
     * One step.
     *
     * @param unwatched pairs that nobody watched: nobody can say
     * @param fought    of those watched
     * @param hard      of those watched
     * @param hours     watched, all pairs together
     */
    public record Bin(Step step, int unwatched, Share fought, Share hard, double hours) { }

    /** From Calm to Surge. */
    public static List<Bin> of(List<Pair> pairs) {
        List<Bin> bins = new ArrayList<>();
        for (Step step : Step.values()) {
            List<Pair> mine = pairs.stream().filter(p -> p.step() == step).toList();
            List<Pair> watched = mine.stream().filter(p -> p.hours() > 0).toList();
            bins.add(new Bin(step, mine.size() - watched.size(), Share.of((int) watched.stream().filter(p -> p.acts() > 0).count(), watched.size()),
                Share.of((int) watched.stream().filter(Pair::hard).count(), watched.size()), watched.stream().mapToDouble(Pair::hours).sum()));
        }
        return bins;
    }

    /** Whether the share that was seen to contest rises from step to step, in a sentence. */
    public static String trend(List<Bin> bins) {
        List<Bin> watched = bins.stream().filter(b -> b.fought().of() > 0).toList();
        if (watched.size() < 2) {
            return "Pairs of two steps at least must be watched before one can be held against the other.";
        }
        for (int i = 1; i < watched.size(); i++) {
            if (watched.get(i).fought().value() < watched.get(i - 1).fought().value()) {
                return "The share does not rise from step to step here: too few pairs, or a tension that is off.";
            }
        }
        return "The higher the tension, the more were seen to contest, as it should be.";
    }
}
