package pelluna.core.tank;

import pelluna.core.units.Named;

/** The kinds of other life that a keeper may have and a fish may harm. */
public enum ReefLife implements Named {
    SMALL_POLYP_CORALS("small-polyp-corals", true),
    LARGE_POLYP_CORALS("large-polyp-corals", true),
    SOFT_CORALS("soft-corals", true),
    ZOANTHIDS("zoanthids", true),
    CLAMS("clams", true),
    ANEMONES("anemones", true),
    SHRIMP("shrimp", false),
    CRABS("crabs", false),
    SNAILS("snails", false),
    URCHINS("urchins", false),
    STARS("stars", false),
    CUCUMBERS("cucumbers", false),
    TUBE_WORMS("tube-worms", false),
    SPONGES("sponges", false);

    private final String word;
    private final boolean lightLoving;

    ReefLife(String word, boolean lightLoving) {
        this.word = word;
        this.lightLoving = lightLoving;
    }

    /** The word of the plan file. */
    @Override
    public String word() {
        return word;
    }

    /** Whether it lives by light and suffers from high nitrate first: corals, clams and anemones. */
    public boolean lightLoving() {
        return lightLoving;
    }
}
