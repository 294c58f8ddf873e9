package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** How readily a fish leaves an open tank. */
public enum Jumps implements Named {
    SELDOM("seldom"),
    SOMETIMES("sometimes"),
    OFTEN("often");

    private final String word;

    Jumps(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
