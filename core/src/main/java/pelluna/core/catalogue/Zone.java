package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** Where in the tank a fish lives. */
public enum Zone implements Named {
    OPEN_WATER("open-water"),
    REEF_FACE("reef-face"),
    CAVES("caves"),
    RUBBLE("rubble"),
    SAND("sand");

    private final String word;

    Zone(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
