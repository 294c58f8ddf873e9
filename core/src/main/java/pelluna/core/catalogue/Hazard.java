package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** What a fish can do to its keeper. */
public enum Hazard implements Named {
    VENOMOUS_SPINES("venomous spines"),
    TAIL_BLADES("tail blades"),
    FANGS("fangs"),
    STRONG_BITE("strong bite"),
    TOXIC_WHEN_STRESSED("toxic when stressed");

    private final String word;

    Hazard(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
