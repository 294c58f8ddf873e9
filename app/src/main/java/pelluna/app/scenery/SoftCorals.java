package pelluna.app.scenery;

import java.util.Random;
import pelluna.core.scenery.Standing;

/** Soft corals, zoanthids, anemones. Colours that shops sell, from memory. */
final class SoftCorals {
    private static final double[] LEATHERS = {34, 48, 64};
    private static final double[] FINGERS = {22, 318, 40};
    private static final double[] DISCS = {16, 130, 206, 300};
    private static final double[] ANEMONES = {28, 342, 96};

    private final Brush brush;

    SoftCorals(Brush brush) {
        this.brush = brush;
    }

    /** A folded cap on a stalk, its polyps out. */
    void leather(Standing s, double y) {
        double z = s.sizeCm();
        double x = s.xCm();
        double hue = Corals.hue(LEATHERS, s);
        Random lot = new Random(s.seed());
        brush.fill(
                "M" + brush.at(x - 0.17 * z, y + 0.04 * z) + "Q" + brush.at(x - 0.1 * z, y - 0.3 * z) + " "
                        + brush.at(x - 0.36 * z, y - 0.46 * z) + "H" + brush.grains(x + 0.36 * z) + "Q"
                        + brush.at(x + 0.1 * z, y - 0.3 * z) + " " + brush.at(x + 0.17 * z, y + 0.04 * z) + "Z",
                Brush.hue(hue, 24, 46));
        double[][] cap = {
            {x - 0.62 * z, y - 0.5 * z},
            {x - 0.42 * z, y - 0.66 * z},
            {x - 0.1 * z, y - 0.6 * z},
            {x + 0.16 * z, y - 0.7 * z},
            {x + 0.5 * z, y - 0.64 * z},
            {x + 0.62 * z, y - 0.46 * z},
            {x + 0.3 * z, y - 0.36 * z},
            {x - 0.02 * z, y - 0.44 * z},
            {x - 0.34 * z, y - 0.36 * z}
        };
        brush.fill(brush.round(cap), Brush.hue(hue, 28, 58));
        for (int shade = 0; shade < 2; shade++) {
            StringBuilder d = new StringBuilder();
            for (int i = 0; i < 46; i++) {
                double t = 2 * lot.nextDouble() - 1;
                double px = x + 0.56 * t * z;
                double py = y - (0.46 + 0.16 * (1 - t * t) * lot.nextDouble()) * z - (shade == 0 ? 0 : 0.03 * z);
                d.append('M')
                        .append(brush.at(px, py))
                        .append('L')
                        .append(brush.at(px + 0.05 * z * (lot.nextDouble() - 0.5), py - 0.09 * z));
            }
            brush.line(d.toString(), Brush.hue(hue + 6, 40, 72 + 14 * shade), 0.018 * z);
        }
    }

    /** Thick fingers. */
    void fingers(Standing s, double y) {
        Tree tree = new Tree(brush, new Random(s.seed()), 0.7, 3);
        for (int i = -1; i <= 1; i++) {
            tree.grow(s.xCm() + 0.12 * i * s.sizeCm(), y, 0.42 * i - Math.PI / 2, 0.34 * s.sizeCm(), 0);
        }
        tree.paint(0.16 * s.sizeCm(), Corals.hue(FINGERS, s), 28, 42, 74);
    }

    /** A mat of small discs, each with a heart of another colour. */
    void discs(Standing s, double y) {
        Random lot = new Random(s.seed());
        double z = s.sizeCm();
        double hue = Corals.hue(DISCS, s);
        StringBuilder rims = new StringBuilder();
        StringBuilder hearts = new StringBuilder();
        for (int i = 0; i < 30; i++) {
            double far = 0.5 * z * Math.sqrt(lot.nextDouble());
            double a = 7 * lot.nextDouble();
            String dot = brush.dot(s.xCm() + far * Math.cos(a), y - 0.2 * z + 0.5 * far * Math.sin(a));
            rims.append(dot);
            hearts.append(dot);
        }
        brush.line(rims.toString(), Brush.hue(hue, 40, 20), 0.17 * z);
        brush.line(rims.toString(), Brush.hue(hue, 64, 46), 0.14 * z);
        brush.line(hearts.toString(), Brush.hue(hue + 150, 76, 62), 0.07 * z);
        brush.line(hearts.toString(), Brush.hue(hue, 50, 22), 0.025 * z);
    }

    /** A crown of long tentacles with swollen ends. */
    void anemone(Standing s, double y) {
        Random lot = new Random(s.seed());
        double z = s.sizeCm();
        double hue = Corals.hue(ANEMONES, s);
        brush.fill(
                brush.round(new double[][] {
                    {s.xCm() - 0.14 * z, y + 0.06 * z},
                    {s.xCm() - 0.42 * z, y - 0.2 * z},
                    {s.xCm(), y - 0.36 * z},
                    {s.xCm() + 0.42 * z, y - 0.2 * z},
                    {s.xCm() + 0.14 * z, y + 0.06 * z}
                }),
                Brush.hue(hue - 10, 40, 30));
        for (int shade = 0; shade < 4; shade++) {
            StringBuilder d = new StringBuilder();
            StringBuilder ends = new StringBuilder();
            for (int i = 0; i < 20; i++) {
                double a = -Math.PI / 2 + 3.3 * (lot.nextDouble() - 0.5);
                double far = z * (0.28 + 0.3 * lot.nextDouble());
                double x0 = s.xCm() + 0.56 * z * (lot.nextDouble() - 0.5);
                double x2 = x0 + Math.cos(a) * far;
                double y2 = y - 0.2 * z + Math.sin(a) * far * 0.72;
                d.append('M')
                        .append(brush.at(x0, y - 0.2 * z))
                        .append('Q')
                        .append(brush.at(x0 + (x2 - x0) * 0.2, y2 + 0.1 * z))
                        .append(' ')
                        .append(brush.at(x2, y2));
                ends.append(brush.dot(x2, y2));
            }
            brush.line(d.toString(), Brush.hue(hue, 42, 30 + 9 * shade), 0.05 * z);
            brush.line(ends.toString(), Brush.hue(hue - 14, 56, 48 + 10 * shade), 0.066 * z);
        }
    }
}
