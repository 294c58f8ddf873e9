package pelluna.core.losses;

import pelluna.core.units.Named;

/** How a fish, or one of the clean-up crew, was lost. */
public enum Cause implements Named {
    JUMPED("jumped", "jumped", "jumped"),
    KILLED("killed", "killed by another", "beaten or killed by another"),
    EATEN("eaten", "eaten", "eaten by another"),
    DISEASE("disease", "illness", "fell ill"),
    STARVED("starved", "did not eat", "did not eat, or got no food"),
    QUARANTINE("quarantine", "in quarantine", "did not come through quarantine"),
    WATER("water", "the water", "ammonia, little oxygen, something in the water"),
    EQUIPMENT("equipment", "equipment", "heater, pump, power, overflow"),
    OLD_AGE("old-age", "old age", "lived its time"),
    UNKNOWN("unknown", "not known", "nobody knows");

    private final String word;
    private final String plain;
    private final String means;

    Cause(String word, String plain, String means) {
        this.word = word;
        this.plain = plain;
        this.means = means;
    }

    @Override
    public String word() {
        return word;
    }

    /** On a chip. */
    public String plain() {
        return plain;
    }

    /** In a sentence about it. */
    public String means() {
        return means;
    }

    /** Whether another fish did it. */
    public boolean byAnother() {
        return this == KILLED || this == EATEN;
    }
}
