package pelluna.core.scenery;

import java.util.List;
import pelluna.core.tank.ReefLife;

/**
 * What is painted for a kind of life, how large it is, and where it stands: between two heights of its heap, 0 at the
 * sand and 1 on top.
 */
public enum LifeForm {
    BRANCHES(ReefLife.SMALL_POLYP_CORALS, 12, 0.96, 1),
    TABLE(ReefLife.SMALL_POLYP_CORALS, 11, 0.86, 0.98),
    TORCH(ReefLife.LARGE_POLYP_CORALS, 9, 0.35, 0.65),
    BRAIN(ReefLife.LARGE_POLYP_CORALS, 8, 0.12, 0.4),
    LEATHER(ReefLife.SOFT_CORALS, 11, 0.8, 0.98),
    FINGERS(ReefLife.SOFT_CORALS, 10, 0.5, 0.9),
    DISCS(ReefLife.ZOANTHIDS, 7, 0.2, 0.6),
    CLAM(ReefLife.CLAMS, 11, 0, 0.25),
    ANEMONE(ReefLife.ANEMONES, 15, 0.4, 0.8),
    SHRIMP(ReefLife.SHRIMP, 5, 0.3, 0.6),
    CRAB(ReefLife.CRABS, 3, 0.2, 0.7),
    SNAIL(ReefLife.SNAILS, 3, 0.2, 0.9),
    URCHIN(ReefLife.URCHINS, 7, 0.3, 0.7),
    STAR(ReefLife.STARS, 9, 0, 0.4),
    CUCUMBER(ReefLife.CUCUMBERS, 11, 0, 0),
    DUSTER(ReefLife.TUBE_WORMS, 7, 0.25, 0.6),
    SPONGE(ReefLife.SPONGES, 7, 0.1, 0.4);

    private final ReefLife of;
    private final double sizeCm;
    private final double lowest;
    private final double highest;

    LifeForm(ReefLife of, double sizeCm, double lowest, double highest) {
        this.of = of;
        this.sizeCm = sizeCm;
        this.lowest = lowest;
        this.highest = highest;
    }

    public ReefLife of() {
        return of;
    }

    /** A usual one in a tank, cm across, from memory. */
    public double sizeCm() {
        return sizeCm;
    }

    double level(double share) {
        return lowest + (highest - lowest) * share;
    }

    /** Whether it lives by walking: one of a kind is enough for a picture. */
    public boolean walks() {
        return List.of(SHRIMP, CRAB, SNAIL, URCHIN, STAR, CUCUMBER).contains(this);
    }

    /** Whether it may stand on the sand. */
    boolean onSand() {
        return this == CLAM || this == STAR || this == CUCUMBER || this == SNAIL;
    }
}
