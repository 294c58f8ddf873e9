package pelluna.core.water;

/**
 * What changing, topping up and diluting water does to a dissolved substance; closed forms of a well-mixed tank.
 * Levels in
 * any one unit, shares 0 to 1, volumes in litres.
 */
public final class WaterChanges {
    private WaterChanges() {}

    /** Level after n changes of a share f, with new water at a level of its own: s + (c − s)(1 − f)^n. */
    public static double after(int changes, double level, double share, double newWater) {
        return newWater + (level - newWater) * Math.pow(1 - share, changes);
    }

    /**
     * Changes of a share f until a level is at or under a target.
     *
     * @throws IllegalArgumentException if new water is not under the target, or nothing is changed
     */
    public static int until(double target, double level, double share, double newWater) {
        if (level <= target) {
            return 0;
        }
        if (!(newWater < target) || !(share > 0 && share <= 1)) {
            throw new IllegalArgumentException(
                    "a share of " + share + " of water at " + newWater + " never brings " + level + " to " + target);
        }
        return share == 1
                ? 1
                : (int) Math.ceil(Math.log((target - newWater) / (level - newWater)) / Math.log(1 - share) - 1e-12);
    }

    /**
     * Salinity after some water has evaporated and none was topped up: the salt stays. Needs 0 ≤ evaporated &lt;
     * litres.
     */
    public static double concentrated(double salinity, double litres, double evaporatedLitres) {
        if (!(evaporatedLitres >= 0 && evaporatedLitres < litres)) {
            throw new IllegalArgumentException(evaporatedLitres + " of " + litres + " litres cannot evaporate");
        }
        return salinity * litres / (litres - evaporatedLitres);
    }

    /**
     * Litres to take out and replace by other water so that a level becomes the target; the target lies between the
     * two.
     */
    public static double exchange(double litres, double level, double target, double newWater) {
        double share = (level - target) / (level - newWater);
        if (!(share >= 0 && share <= 1)) {
            throw new IllegalArgumentException("water at " + newWater + " never brings " + level + " to " + target);
        }
        return litres * share;
    }
}
