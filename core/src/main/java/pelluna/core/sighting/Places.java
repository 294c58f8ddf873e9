package pelluna.core.sighting;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.scape.Hide;
import pelluna.core.units.Statement;

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

    /** About where a place is. */
    public static Where where(Sighting.Spot spot) {
        return new Where(
                spot.x() < 1 / 3.0 ? Side.LEFT : spot.x() > 2 / 3.0 ? Side.RIGHT : Side.MIDDLE,
                spot.y() < 0.15
                        ? Height.SAND
                        : spot.y() > 0.85 ? Height.SURFACE : spot.y() > 0.6 ? Height.OPEN_WATER : Height.BETWEEN);
    }

    /** A third of the front, from the left. */
    public enum Side {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /** A layer of the tank. */
    public enum Height {
        SAND,
        BETWEEN,
        OPEN_WATER,
        SURFACE
    }

    public record Where(Side side, Height height) implements Statement {}
}
