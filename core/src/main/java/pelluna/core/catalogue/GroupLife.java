package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** With how many of its own kind a fish lives. */
public enum GroupLife implements Named {
    ALONE("alone"),
    ALONE_OR_PAIR("alone or pair"),
    PAIR("pair"),
    HAREM("harem"),
    SHOAL("shoal");

    private final String word;

    GroupLife(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
