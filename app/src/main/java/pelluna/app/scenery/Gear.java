package pelluna.app.scenery;

import java.util.Random;
import pelluna.core.scenery.Seeds;
import pelluna.core.tank.Tank;

/** What hangs on the glass: a clip with seaweed, where the keeper feeds it. */
final class Gear {
    private static final double FROM_RIGHT = 0.07;
    private static final double SHEET_CM = 7;
    private static final double MOST = 0.16;

    private final Brush brush;
    private final Tank tank;

    Gear(Brush brush, Tank tank) {
        this.brush = brush;
        this.tank = tank;
    }

    void paint() {
        if (tank.seaweed()) {
            clip();
        }
    }

    private void clip() {
        double z = Math.min(SHEET_CM, MOST * tank.frontHeightCm());
        double x = tank.lengthCm() * (1 - FROM_RIGHT);
        double y = 0.16 * tank.frontHeightCm();
        Random lot = new Random(Seeds.of(-1));
        double[][] sheet = new double[12][];
        for (int k = 0; k < 6; k++) {
            double down = y + z * k / 5;
            double fray = 0.12 * z * (lot.nextDouble() - 0.5) * (k == 0 ? 0 : 1);
            sheet[k] = new double[] {x + 0.36 * z + fray, down};
            sheet[11 - k] = new double[] {x - 0.36 * z - fray, down};
        }
        brush.fill(brush.round(sheet), "#2c5a2a");
        StringBuilder folds = new StringBuilder();
        for (int i = -1; i <= 1; i++) {
            folds.append('M')
                    .append(brush.at(x + 0.18 * i * z, y + 0.08 * z))
                    .append('L')
                    .append(brush.at(x + 0.2 * i * z, y + 0.9 * z));
        }
        brush.line(folds.toString(), "#4d8a3f", 0.04 * z);
        brush.line("M" + brush.at(x - 0.4 * z, y) + "H" + brush.grains(x + 0.4 * z), "#e9f0ee", 0.16 * z);
        brush.line(brush.dot(x, y - 0.3 * z), "#cfdedb", 0.34 * z);
        brush.line(brush.dot(x, y - 0.3 * z), "#8fa9a5", 0.12 * z);
    }
}
