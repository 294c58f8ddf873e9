package pelluna.core.losses;

import pelluna.core.units.Named;

/** How a fish left: lost, or gone elsewhere alive, which is no loss. */
public enum Left implements Named {
    LOST("lost", "lost"),
    REHOMED("rehomed", "rehomed"),
    RETURNED("returned", "given back"),
    TRADED_IN("traded-in", "traded in");

    private final String word;
    private final String plain;

    Left(String word, String plain) {
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
