package pelluna.app.scenery;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.CRC32;
import pelluna.core.scape.Rock;
import pelluna.core.scenery.Dressing;
import pelluna.core.tank.Tank;

/** Paints the layers of a tank's scenery, those in front last: water, each heap with what stands on it, sand. */
final class Scenery {
    /** What stands on a heap reaches so far out of it, cm, and no farther than this share of the tank's length. */
    private static final double REACHES_CM = 16;

    private static final double REACHES_AT_MOST = 0.12;
    /** Heaps stand so deep in the sand, in shares of its depth. */
    private static final double BEDDED = 0.6;

    private final Tank tank;
    private final double floor;
    private final double reach;
    private final Dressing dressing;

    Scenery(Tank tank) {
        this.tank = tank;
        this.floor = tank.frontHeightCm();
        this.reach = Math.min(REACHES_CM, REACHES_AT_MOST * tank.lengthCm());
        this.dressing = new Dressing(tank);
    }

    List<Layer> layers() {
        List<Layer> all = new ArrayList<>();
        Brush water = new Brush(tank.lengthCm());
        new Waters(water, tank.lengthCm(), floor, new Gear(water, tank)).paint();
        all.add(layer("water", Textures.WATER, water, new double[] {0, 0, tank.lengthCm(), floor}, 0, 0));
        for (int i = 0; i < tank.scape().rocks().size(); i++) {
            all.add(heap(tank.scape().rocks().get(i), i));
        }
        Brush sand = new Brush(tank.lengthCm());
        new Seabed(sand, tank).paint(dressing.sand());
        double up = tank.sandDepthCm() + reach;
        all.add(layer("sand", Textures.SAND, sand, new double[] {0, floor - up, tank.lengthCm(), up}, 0, -up));
        return all;
    }

    private Layer heap(Rock rock, int i) {
        Brush brush = new Brush(tank.lengthCm());
        new Stones(brush, rock, i).paint();
        new Life(brush).paint(dressing.heap(i), 0);
        double foot = BEDDED * tank.sandDepthCm();
        double up = rock.highestCm() + reach;
        double[] at = {rock.leftCm() - reach, floor - tank.sandDepthCm() - up, rock.widthCm() + 2 * reach, up + foot};
        return layer(Layer.HEAP + i, Textures.ROCK, brush, at, -reach, -up);
    }

    /** @param at left, top, width, height in the tank, cm @param x left of its own, cm @param y top of its own, cm */
    private Layer layer(String name, Textures textures, Brush brush, double[] at, double x, double y) {
        String box = brush.at(x, y) + " " + brush.grains(at[2]) + " " + brush.grains(at[3]);
        String markup = textures.markup() + Textures.LIFE.markup() + brush.svg();
        CRC32 sum = new CRC32();
        sum.update(markup.getBytes(StandardCharsets.UTF_8));
        return new Layer(name, at[0], at[1], at[2], at[3], box, markup, Long.toHexString(sum.getValue()));
    }
}
