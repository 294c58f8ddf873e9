package pelluna.core.losses;

import java.util.Optional;
import pelluna.core.units.Named;

/**
 * What a rule warns of, and what would have to happen for it to have come true. Rules that nothing in a log could bear
 * out have no topic.
 */
public enum Topic implements Named {
    FIGHTING(
            "fighting",
            "fighting",
            "tension at Chop or Surge with a fish that was there",
            "a hard fight between the two was seen, or one killed the other"),
    JUMPING("jumping", "jumping", "no cover for a jumper", "it jumped"),
    EATEN("eaten", "being eaten", "one can swallow the other", "it was lost as eaten"),
    REEF_LIFE(
            "reef-life",
            "reef life",
            "it harms shrimp, crabs, snails or corals that are kept",
            "one of them was lost to it"),
    FEEDING("feeding", "not eating", "hard to feed here: pods, meals, algae", "it starved, or was noted as thin"),
    ILLNESS("illness", "illness", "prone to illness and no quarantine", "it was lost to illness, or had spots"),
    WATER("water", "the water", "the length rule or waste at Chop or more", "it was lost to the water");

    private final String word;
    private final String plain;
    private final String said;
    private final String happened;

    Topic(String word, String plain, String said, String happened) {
        this.word = word;
        this.plain = plain;
        this.said = said;
        this.happened = happened;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }

    /** What counts as said. */
    public String said() {
        return said;
    }

    /** What counts as happened. */
    public String happened() {
        return happened;
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
