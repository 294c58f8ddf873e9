package pelluna.core.crew;

import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;

/**
 * Kinds of clean-up crew as keepers buy them, with the kind of reef life that they are and the size that shops usually
 * have, cm (from memory).
 */
public enum CrewKind implements Named {
    SNAILS("snails", ReefLife.SNAILS, 2),
    SAND_SNAILS("sand-snails", ReefLife.SNAILS, 1.5),
    HERMITS("hermits", ReefLife.CRABS, 1.5),
    CRABS("crabs", ReefLife.CRABS, 3),
    CLEANER_SHRIMP("cleaner-shrimp", ReefLife.SHRIMP, 5),
    SMALL_SHRIMP("small-shrimp", ReefLife.SHRIMP, 2.5),
    PISTOL_SHRIMP("pistol-shrimp", ReefLife.SHRIMP, 4),
    URCHINS("urchins", ReefLife.URCHINS, 4),
    STARS("stars", ReefLife.STARS, 8),
    CUCUMBERS("cucumbers", ReefLife.CUCUMBERS, 8);

    private final String word;
    private final ReefLife life;
    private final double usualCm;

    CrewKind(String word, ReefLife life, double usualCm) {
        this.word = word;
        this.life = life;
        this.usualCm = usualCm;
    }

    @Override
    public String word() {
        return word;
    }

    public ReefLife life() {
        return life;
    }

    public double usualCm() {
        return usualCm;
    }
}
