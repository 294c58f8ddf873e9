package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** How a fish moves through its day. */
public enum Swims implements Named {
    NEVER_STOPS("never-stops"),
    CRUISES("cruises"),
    PERCHES("perches"),
    BURROWS("burrows"),
    HIDES("hides");

    private final String word;

    Swims(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
