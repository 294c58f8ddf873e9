package pelluna.core.behaviour;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What other keepers saw of pairs of species, by the scientific names of who presses and who is pressed. */
public record Elsewhere(Map<String, Map<String, SeenElsewhere>> pairs) {
    public static final Elsewhere NOTHING = new Elsewhere(Map.of());

    public Elsewhere {
        pairs = pairs.entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, e -> Map.copyOf(e.getValue())));
    }

    public Optional<SeenElsewhere> of(String aggressor, String target) {
        return Optional.ofNullable(seen(aggressor, target));
    }

    /** What tension is multiplied by; 1 where nothing is known. */
    public double times(String aggressor, String target) {
        SeenElsewhere seen = pairs.isEmpty() ? null : seen(aggressor, target);
        return seen == null ? 1 : seen.times();
    }

    private SeenElsewhere seen(String aggressor, String target) {
        Map<String, SeenElsewhere> own = pairs.get(aggressor);
        return own == null ? null : own.get(target);
    }
}
