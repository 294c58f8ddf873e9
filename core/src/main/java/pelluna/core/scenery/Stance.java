package pelluna.core.scenery;

import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import pelluna.core.catalogue.Form;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Zone;
import pelluna.core.scape.Hide;
import pelluna.core.tank.Tank;

/**
 * How a fish is shown at its place: a goby lies on sand or rock, a moray looks out of its hole, a fish in the water
 * looks towards the open side. For the picture alone; how fish lie is from memory.
 *
 * @param right whether it looks to the right
 * @param rests what it lies on, cm above the floor; empty for a fish that swims
 * @param shown the share of its length from the snout on that is out of its hole, 0 to 1; 1 for a fish that has none
 */
public record Stance(boolean right, OptionalDouble rests, double shown) {
    /** Forms that lie or perch. */
    private static final Set<Form> LYING = EnumSet.of(
            Form.GOBY,
            Form.CLOWN_GOBY,
            Form.BLENNY,
            Form.JAWFISH,
            Form.DRAGONET,
            Form.HAWKFISH,
            Form.FROG,
            Form.SCORPION,
            Form.SHARK,
            Form.RAY);

    /** So near the sand, in shares of the height above it, a fish that lies is on it. */
    private static final double ON_SAND = 0.1;
    /** So near the glass, in shares of the length, a fish looks away from it. */
    private static final double NEAR_GLASS = 0.2;
    /** In the middle it looks to one side or the other by its place, in so many cm. */
    private static final double SIDES_CM = 3;
    /** So near a hiding place, in shares of the length, a fish is in it. */
    private static final double AT_HOLE = 0.02;
    /** What a moray shows of itself. */
    private static final double HEAD = 0.3;

    /**
     * @param xCm its place from the left glass
     * @param yCm above the floor
     */
    public static Stance of(Look look, Set<Zone> zones, double xCm, double yCm, Tank tank) {
        double share = xCm / tank.lengthCm();
        boolean right =
                share < NEAR_GLASS || share <= 1 - NEAR_GLASS && Math.floorMod(Math.round(xCm / SIDES_CM), 2) == 0;
        boolean hole =
                look.form() == Form.MORAY && tank.scape().hides().stream().anyMatch(h -> near(h, xCm, yCm, tank));
        return new Stance(right, rests(look.form(), zones, yCm, tank), hole ? HEAD : 1);
    }

    private static OptionalDouble rests(Form form, Set<Zone> zones, double yCm, Tank tank) {
        if (!LYING.contains(form) || zones.equals(EnumSet.of(Zone.OPEN_WATER))) {
            return OptionalDouble.empty();
        }
        double sand = tank.sandDepthCm();
        boolean low = yCm - sand < ON_SAND * (tank.frontHeightCm() - sand);
        return OptionalDouble.of(low ? sand : yCm);
    }

    private static boolean near(Hide hide, double xCm, double yCm, Tank tank) {
        return Math.hypot(hide.xCm() - xCm, hide.heightCm() - yCm) < AT_HOLE * tank.lengthCm();
    }
}
