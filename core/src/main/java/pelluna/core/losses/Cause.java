package pelluna.core.losses;

import pelluna.core.units.Named;

/** How a fish, or one of the clean-up crew, was lost. */
public enum Cause implements Named {
    JUMPED("jumped"),
    KILLED("killed"),
    EATEN("eaten"),
    DISEASE("disease"),
    STARVED("starved"),
    QUARANTINE("quarantine"),
    WATER("water"),
    EQUIPMENT("equipment"),
    OLD_AGE("old-age"),
    UNKNOWN("unknown");

    private final String word;

    Cause(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** Whether another fish did it. */
    public boolean byAnother() {
        return this == KILLED || this == EATEN;
    }
}
