package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** The water movement that a fish wants. */
public enum Flow implements Named {
    QUIET("quiet"),
    ANY("any"),
    STRONG("strong");

    private final String word;

    Flow(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
