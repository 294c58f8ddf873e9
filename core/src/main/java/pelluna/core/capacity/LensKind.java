package pelluna.core.capacity;

import pelluna.core.units.Named;

/** The ways to look at how full a tank is, by their words in the open formats. */
public enum LensKind implements Named {
    LENGTH_RULE("length-rule"),
    WASTE("waste"),
    ROOM("room");

    private final String word;

    LensKind(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
