package pelluna.core.tank;

import pelluna.core.units.Named;

/** The kinds of other life that a keeper may have and a fish may harm. */
public enum ReefLife implements Named {
    SMALL_POLYP_CORALS("small-polyp-corals", "small-polyp corals", true),
    LARGE_POLYP_CORALS("large-polyp-corals", "large-polyp corals", true),
    SOFT_CORALS("soft-corals", "soft corals", true),
    ZOANTHIDS("zoanthids", "zoanthids", true),
    CLAMS("clams", "clams", true),
    ANEMONES("anemones", "anemones", true),
    SHRIMP("shrimp", "shrimp", false),
    CRABS("crabs", "crabs", false),
    SNAILS("snails", "snails", false),
    URCHINS("urchins", "urchins", false),
    STARS("stars", "starfish", false),
    CUCUMBERS("cucumbers", "sea cucumbers", false),
    TUBE_WORMS("tube-worms", "tube worms", false),
    SPONGES("sponges", "sponges", false);

    private final String word;
    private final String plain;
    private final boolean lightLoving;

    ReefLife(String word, String plain, boolean lightLoving) {
        this.word = word;
        this.plain = plain;
        this.lightLoving = lightLoving;
    }

    /** The word of the plan file. */
    @Override
    public String word() {
        return word;
    }

    /** The word in a sentence. */
    public String plain() {
        return plain;
    }

    /** Whether it lives by light and suffers from high nitrate first: corals, clams and anemones. */
    public boolean lightLoving() {
        return lightLoving;
    }
}
