package pelluna.core.crew;

import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;

/**
 * Kinds of clean-up crew as keepers buy them, with the kind of reef life that they are and the size that shops usually
 * have, cm (from memory).
 */
public enum CrewKind implements Named {
    SNAILS("snails", "snails", ReefLife.SNAILS, 2),
    SAND_SNAILS("sand-snails", "sand snails", ReefLife.SNAILS, 1.5),
    HERMITS("hermits", "hermit crabs", ReefLife.CRABS, 1.5),
    CRABS("crabs", "crabs", ReefLife.CRABS, 3),
    CLEANER_SHRIMP("cleaner-shrimp", "cleaner shrimp", ReefLife.SHRIMP, 5),
    SMALL_SHRIMP("small-shrimp", "small shrimp", ReefLife.SHRIMP, 2.5),
    PISTOL_SHRIMP("pistol-shrimp", "pistol shrimp", ReefLife.SHRIMP, 4),
    URCHINS("urchins", "urchins", ReefLife.URCHINS, 4),
    STARS("stars", "serpent and brittle stars", ReefLife.STARS, 8),
    CUCUMBERS("cucumbers", "sea cucumbers", ReefLife.CUCUMBERS, 8);

    private final String word;
    private final String plain;
    private final ReefLife life;
    private final double usualCm;

    CrewKind(String word, String plain, ReefLife life, double usualCm) {
        this.word = word;
        this.plain = plain;
        this.life = life;
        this.usualCm = usualCm;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }

    public ReefLife life() {
        return life;
    }

    public double usualCm() {
        return usualCm;
    }
}
