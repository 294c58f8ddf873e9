package pelluna.app.scenery;

import java.util.List;
import pelluna.core.scenery.Standing;
import pelluna.core.tank.Tank;

/** Sand to its depth, over the feet of the heaps, and what stands on it; its zero is the left glass at the floor. */
final class Seabed {
    private static final int SWELLS = 40;
    /** How high a swell of the sand is by its depth, and by the length of the tank at the most. */
    private static final double SWELL = 0.22;

    private static final double HIGHEST_SWELL = 0.006;

    private final Brush brush;
    private final Tank tank;

    Seabed(Brush brush, Tank tank) {
        this.brush = brush;
        this.tank = tank;
    }

    void paint(List<Standing> there) {
        if (tank.sandDepthCm() > 0) {
            brush.lit("url(#grains)");
            brush.fill(edge(), "url(#sand)");
            brush.unlit();
        }
        new Life(brush).paint(there, -tank.sandDepthCm());
    }

    private String edge() {
        double deep = tank.sandDepthCm();
        double high = Math.min(deep * SWELL, tank.lengthCm() * HIGHEST_SWELL);
        StringBuilder d = new StringBuilder("M" + brush.at(0, 0));
        for (int i = 0; i <= SWELLS; i++) {
            double up = deep + high * (0.7 * Math.sin(i * 0.41) + 0.3 * Math.sin(i * 1.3 + 2));
            d.append('L').append(brush.at(tank.lengthCm() * i / SWELLS, -up));
        }
        return d + "L" + brush.at(tank.lengthCm(), 0) + "Z";
    }
}
