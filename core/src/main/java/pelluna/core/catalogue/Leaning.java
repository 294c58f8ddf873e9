package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** An illness that a fish leans to. */
public enum Leaning implements Named {
    MARINE_ICH("marine ich"),
    VELVET("velvet"),
    BROOKLYNELLA("brooklynella"),
    URONEMA("uronema"),
    FLUKES("flukes"),
    INTERNAL_WORMS("internal worms"),
    LATERAL_LINE_EROSION("lateral line erosion"),
    VIBRIO("vibrio"),
    GAS_BUBBLES("gas bubbles");

    private final String word;

    Leaning(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
