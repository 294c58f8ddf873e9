package pelluna.core.sighting;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.scape.Hide;

/** Words for a place in the tank: a side and a thing, as in 'left cave'. Immutable. */
public final class Places {
    private static final Map<String, Double> SIDES =
            Map.of("left", 1 / 6.0, "middle", 0.5, "centre", 0.5, "center", 0.5, "right", 5 / 6.0);
    private static final Map<String, Double> HEIGHTS = Map.of(
            "sand", 0.04, "bottom", 0.04, "floor", 0.04, "rock", 0.4, "water", 0.72, "open", 0.72, "surface", 0.97,
            "top", 0.97);
    private static final List<String> CAVES = List.of("cave", "hide", "hole", "crack");

    private final double lengthCm;
    private final double heightCm;
    private final List<Hide> hides;

    /** @param lengthCm of the front glass; @param heightCm of it */
    public Places(double lengthCm, double heightCm, List<Hide> hides) {
        this.lengthCm = lengthCm;
        this.heightCm = heightCm;
        this.hides = List.copyOf(hides);
    }

    static boolean known(String word) {
        return SIDES.containsKey(word) || HEIGHTS.containsKey(word) || CAVES.contains(word);
    }

    /** Empty if no word says where. */
    Optional<Sighting.Spot> of(List<String> words) {
        Optional<Double> side =
                words.stream().filter(SIDES::containsKey).map(SIDES::get).findFirst();
        Optional<Double> height =
                words.stream().filter(HEIGHTS::containsKey).map(HEIGHTS::get).findFirst();
        double x = side.orElse(0.5);
        if (words.stream().anyMatch(CAVES::contains) && !hides.isEmpty()) {
            Hide nearest = hides.stream()
                    .min(Comparator.comparingDouble(h -> Math.abs(h.xCm() / lengthCm - x)))
                    .orElseThrow();
            return Optional.of(
                    new Sighting.Spot(share(nearest.xCm() / lengthCm), share(nearest.heightCm() / heightCm)));
        }
        return side.isEmpty() && height.isEmpty()
                ? Optional.empty()
                : Optional.of(new Sighting.Spot(x, height.orElse(0.5)));
    }

    private static double share(double value) {
        return Math.max(0, Math.min(1, value));
    }

    /** In words, for a sentence: 'left, near the sand'. */
    public static String words(Sighting.Spot spot) {
        String side = spot.x() < 1 / 3.0 ? "left" : spot.x() > 2 / 3.0 ? "right" : "middle";
        return side
                + (spot.y() < 0.15
                        ? ", at the sand"
                        : spot.y() > 0.85 ? ", at the surface" : spot.y() > 0.6 ? ", open water" : "");
    }
}
