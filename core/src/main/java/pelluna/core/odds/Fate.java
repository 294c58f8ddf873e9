package pelluna.core.odds;

import pelluna.core.units.Named;

/** How a fish is lost in a run; words as {@link pelluna.core.losses.Cause} has them, where it has them. */
public enum Fate implements Named {
    KILLED("killed"),
    JUMPED("jumped"),
    EATEN("eaten"),
    STARVED("starved"),
    DISEASE("disease"),
    /** Travel, quarantine and the first weeks. */
    SETTLING("settling"),
    WATER("water"),
    EQUIPMENT("equipment"),
    /** It had outgrown its tank. */
    CRAMPED("cramped"),
    OLD_AGE("old-age");

    private final String word;

    Fate(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
