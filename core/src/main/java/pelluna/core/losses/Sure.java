package pelluna.core.losses;

import pelluna.core.units.Named;

/** How sure its keeper is of a cause. */
public enum Sure implements Named {
    SEEN("seen"),
    LIKELY("likely"),
    GUESS("guess");

    private final String word;

    Sure(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
