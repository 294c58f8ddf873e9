package pelluna.app.scenery;

import java.util.Random;
import pelluna.core.scenery.Standing;

/** Clams, feather dusters, sponges. */
final class Rooted {
    private static final double[] MANTLES = {206, 262, 158};
    private static final double[] FANS = {28, 350, 46};
    private static final double[] SPONGES = {14, 46, 276};

    private final Brush brush;

    Rooted(Brush brush) {
        this.brush = brush;
    }

    /** Two fluted shells, the mantle between them. */
    void clam(Standing s, double y) {
        double z = s.sizeCm();
        double x = s.xCm();
        double hue = Corals.hue(MANTLES, s);
        double[][] shell = new double[13][];
        shell[0] = new double[] {x - 0.5 * z, y - 0.14 * z};
        for (int i = 0; i < 9; i++) {
            double t = i / 8.0;
            double up = 0.16 + 0.1 * Math.sin(Math.PI * t) + (i % 2 == 0 ? 0.05 : -0.02);
            shell[i + 1] = new double[] {x + (t - 0.5) * 0.96 * z, y - up * z};
        }
        shell[10] = new double[] {x + 0.5 * z, y - 0.12 * z};
        shell[11] = new double[] {x + 0.26 * z, y + 0.05 * z};
        shell[12] = new double[] {x - 0.26 * z, y + 0.05 * z};
        StringBuilder mantle = new StringBuilder("M" + brush.at(x - 0.46 * z, y - 0.18 * z));
        for (int i = 0; i < 8; i++) {
            double from = x + (i / 8.0 - 0.5) * 0.92 * z;
            mantle.append('Q')
                    .append(brush.at(from + 0.0575 * z, y - (i % 2 == 0 ? 0.42 : 0.2) * z))
                    .append(' ')
                    .append(brush.at(from + 0.115 * z, y - 0.27 * z));
        }
        brush.line(mantle.toString(), Brush.hue(hue, 70, 26), 0.14 * z);
        brush.line(mantle.toString(), Brush.hue(hue, 84, 52), 0.09 * z);
        brush.line(mantle.toString(), Brush.hue(hue - 30, 90, 72), 0.025 * z);
        brush.fill(brush.round(shell), Brush.hue(38, 22, 66));
        StringBuilder folds = new StringBuilder();
        for (int i = 1; i < 6; i++) {
            double to = x + (i / 6.0 - 0.5) * 0.9 * z;
            folds.append('M').append(brush.at(to, y - 0.18 * z)).append('L').append(brush.at(x + (to - x) * 0.45, y));
        }
        brush.line(folds.toString(), Brush.hue(34, 20, 44), 0.022 * z);
    }

    /** Crowns of feathers out of tubes. */
    void duster(Standing s, double y) {
        double z = s.sizeCm();
        Random lot = new Random(s.seed());
        double hue = Corals.hue(FANS, s);
        for (int i = 0; i < 3; i++) {
            double x = s.xCm() + (i - 1) * 0.34 * z;
            double top = y - z * (0.4 + 0.2 * lot.nextDouble());
            brush.line(
                    "M" + brush.at(s.xCm() + (i - 1) * 0.1 * z, y) + "L" + brush.at(x, top),
                    Brush.hue(32, 16, 50),
                    0.06 * z);
            StringBuilder d = new StringBuilder();
            for (int k = 0; k < 15; k++) {
                double a = -Math.PI / 2 + 2.6 * (k / 14.0 - 0.5);
                d.append('M')
                        .append(brush.at(x, top))
                        .append('Q')
                        .append(brush.at(x + 0.1 * z * Math.cos(a), top + 0.22 * z * Math.sin(a)))
                        .append(' ')
                        .append(brush.at(x + 0.3 * z * Math.cos(a), top + 0.26 * z * Math.sin(a)));
            }
            brush.line(d.toString(), Brush.hue(hue, 50, 40), 0.036 * z);
            brush.line(d.toString(), Brush.hue(hue, 40, 84), 0.014 * z);
        }
    }

    /** Tubes with dark mouths. */
    void sponge(Standing s, double y) {
        double z = s.sizeCm();
        double hue = Corals.hue(SPONGES, s);
        double[][] tubes = {{-0.26, 0.5}, {0.24, 0.42}, {0, 0.72}};
        for (double[] t : tubes) {
            double x = s.xCm() + t[0] * z;
            double top = y - t[1] * z;
            brush.fill(
                    "M" + brush.at(x - 0.1 * z, y + 0.02 * z) + "L" + brush.at(x - 0.15 * z, top) + "H"
                            + brush.grains(x + 0.15 * z) + "L" + brush.at(x + 0.1 * z, y + 0.02 * z) + "Z",
                    Brush.hue(hue, 64, 46));
            brush.line(
                    "M" + brush.at(x - 0.07 * z, y - 0.04 * z) + "L" + brush.at(x - 0.1 * z, top),
                    Brush.hue(hue, 70, 64),
                    0.03 * z);
            brush.svg()
                    .el(
                            "ellipse",
                            "cx",
                            brush.grains(x),
                            "cy",
                            brush.grains(top),
                            "rx",
                            brush.grains(0.15 * z),
                            "ry",
                            brush.grains(0.05 * z),
                            "fill",
                            Brush.hue(hue, 60, 66));
            brush.svg()
                    .el(
                            "ellipse",
                            "cx",
                            brush.grains(x),
                            "cy",
                            brush.grains(top),
                            "rx",
                            brush.grains(0.1 * z),
                            "ry",
                            brush.grains(0.032 * z),
                            "fill",
                            Brush.hue(hue, 60, 16));
        }
    }
}
