package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** For whom a fact was written down; a species takes what its genus or family says where it has no word of its own. */
public enum Level implements Named {
    SPECIES("species"),
    GENUS("genus"),
    FAMILY("family"),
    KEEPER("keeper");

    private final String word;

    Level(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
