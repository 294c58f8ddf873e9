package pelluna.core.losses;

import java.util.Optional;
import pelluna.core.units.Named;

/**
 * What a rule warns of, and what would have to happen for it to have come true. Rules that nothing in a log could bear
 * out have no topic.
 */
public enum Topic implements Named {
    FIGHTING("fighting"),
    JUMPING("jumping"),
    EATEN("eaten"),
    REEF_LIFE("reef-life"),
    FEEDING("feeding"),
    ILLNESS("illness"),
    WATER("water");

    private final String word;

    Topic(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /**
     * Of a statement.
     *
     * @param rule  of the Sieve, or 'tension', 'eaten', 'lens'
     * @param about word of a kind of reef life, or of a lens; empty otherwise
     */
    public static Optional<Topic> of(String rule, String about) {
        return Optional.ofNullable(
                switch (rule) {
                    case "tension", "company" -> FIGHTING;
                    case "cover" -> JUMPING;
                    case "eaten" -> about.isEmpty() ? EATEN : REEF_LIFE;
                    case "reef-life" -> REEF_LIFE;
                    case "pods", "hard-feeder", "meals", "algae" -> FEEDING;
                    case "quarantine" -> ILLNESS;
                    case "capacity" -> WATER;
                    case "lens" -> about.equals("room") ? null : WATER;
                    default -> null;
                });
    }

    /** Under which a loss counts; empty for causes that no plan could have told. */
    public static Optional<Topic> of(Cause cause) {
        return Optional.ofNullable(
                switch (cause) {
                    case JUMPED -> JUMPING;
                    case KILLED -> FIGHTING;
                    case EATEN -> EATEN;
                    case DISEASE -> ILLNESS;
                    case STARVED -> FEEDING;
                    case WATER -> WATER;
                    default -> null;
                });
    }
}
