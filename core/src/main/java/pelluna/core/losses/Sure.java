package pelluna.core.losses;

import pelluna.core.units.Named;

/** How sure its keeper is of a cause. */
public enum Sure implements Named {
    SEEN("seen", "saw it"),
    LIKELY("likely", "likely"),
    GUESS("guess", "a guess");

    private final String word;
    private final String plain;

    Sure(String word, String plain) {
        this.word = word;
        this.plain = plain;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }
}
