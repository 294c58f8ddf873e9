package pelluna.core.grounds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Zone;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Scape;
import pelluna.core.tank.Tank;

/**
 * Where fish may settle on a reef: along the face of each heap, at its feet, on the open sand, in the open water, and
 * in
 * every hide. Their number does not depend on the size of the tank. Pelluna's judgement.
 */
final class Spots {
    private static final int ON_SAND = 3;
    private static final int ACROSS_WATER = 5;
    private static final double[] LEVELS = {0.62, 0.86};
    /**
     * How far above the sand a fish on it settles, and how low a hide is at its feet, in shares of what is above it.
     */
    private static final double ON_GROUND = 0.02;

    private static final double LOW = 0.35;

    private Spots() {}

    /** Everything but the hides. */
    static List<Spot> withoutHides(Tank tank) {
        Scape scape = tank.scape();
        double sand = tank.sandDepthCm();
        double above = tank.frontHeightCm() - sand;
        List<Spot> spots = new ArrayList<>();
        for (Rock rock : scape.rocks()) {
            for (int i = 0; i < rock.heightsCm().size(); i++) {
                spots.add(new Spot(
                        rock.xOf(i), sand + rock.heightsCm().get(i) * 0.85, EnumSet.of(Zone.REEF_FACE), false));
            }
            Set<Zone> foot = EnumSet.of(Zone.RUBBLE, Zone.SAND);
            spots.add(new Spot(rock.leftCm(), sand + ON_GROUND * above, foot, false));
            spots.add(new Spot(rock.rightCm(), sand + ON_GROUND * above, foot, false));
        }
        onSand(spots, tank);
        for (double level : LEVELS) {
            for (int i = 0; i < ACROSS_WATER; i++) {
                spots.add(new Spot(
                        tank.lengthCm() * (i + 0.5) / ACROSS_WATER,
                        sand + above * level,
                        EnumSet.of(Zone.OPEN_WATER),
                        false));
            }
        }
        return spots;
    }

    static Spot of(Hide hide, Tank tank) {
        boolean low = hide.heightCm() - tank.sandDepthCm() < LOW * tank.scape().heightAt(hide.xCm());
        boolean free = tank.scape().holder(hide) < 0;
        Set<Zone> zones = free
                ? EnumSet.of(Zone.CAVES, Zone.RUBBLE, Zone.SAND)
                : low ? EnumSet.of(Zone.CAVES, Zone.RUBBLE) : EnumSet.of(Zone.CAVES, Zone.REEF_FACE);
        return new Spot(hide.xCm(), hide.heightCm(), zones, true);
    }

    private static void onSand(List<Spot> spots, Tank tank) {
        List<Rock> rocks = tank.scape().rocks().stream()
                .sorted(Comparator.comparingDouble(Rock::leftCm))
                .toList();
        double from = 0;
        for (int i = 0; i <= rocks.size(); i++) {
            double to = i == rocks.size() ? tank.lengthCm() : rocks.get(i).leftCm();
            for (int k = 1; k <= ON_SAND && to > from; k++) {
                spots.add(new Spot(
                        from + (to - from) * k / (ON_SAND + 1),
                        tank.sandDepthCm() + ON_GROUND * (tank.frontHeightCm() - tank.sandDepthCm()),
                        EnumSet.of(Zone.SAND),
                        false));
            }
            from = i == rocks.size() ? to : Math.max(from, rocks.get(i).rightCm());
        }
    }
}
