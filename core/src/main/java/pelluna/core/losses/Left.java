package pelluna.core.losses;

import pelluna.core.units.Named;

/** How a fish left: lost, or gone elsewhere alive, which is no loss. */
public enum Left implements Named {
    LOST("lost"),
    REHOMED("rehomed"),
    RETURNED("returned"),
    TRADED_IN("traded-in");

    private final String word;

    Left(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
