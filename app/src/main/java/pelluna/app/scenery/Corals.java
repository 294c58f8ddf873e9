package pelluna.app.scenery;

import java.util.Random;
import pelluna.core.scenery.Standing;

/** Stony corals. Colours that shops sell, from memory. */
final class Corals {
    private static final double[] BRANCHES = {338, 212, 272, 128, 18};
    private static final double[] TABLES = {146, 276, 28, 196};
    private static final double[] TORCHES = {104, 172, 42, 286};
    private static final double[] BRAINS = {352, 118, 24};
    private static final int ORDERS = 4;

    private final Brush brush;

    Corals(Brush brush) {
        this.brush = brush;
    }

    static double hue(double[] hues, Standing s) {
        return hues[Math.min(hues.length - 1, (int) (s.tint() * hues.length))];
    }

    void branches(Standing s, double y) {
        Random lot = new Random(s.seed());
        Tree tree = new Tree(brush, lot, 0.75, ORDERS);
        for (int i = 0; i < 6; i++) {
            double side = (i - 2.5) * 0.34 + 0.2 * (lot.nextDouble() - 0.5);
            tree.grow(s.xCm() + (i - 2.5) * 0.06 * s.sizeCm(), y, side - Math.PI / 2, 0.3 * s.sizeCm(), 0);
        }
        tree.paint(0.1 * s.sizeCm(), hue(BRANCHES, s), 58, 44, 82);
    }

    /** A plate on a foot, seen from the side and a little from above. */
    void table(Standing s, double y) {
        double z = s.sizeCm();
        double hue = hue(TABLES, s);
        Random lot = new Random(s.seed());
        brush.line(
                "M" + brush.at(s.xCm(), y + 0.05 * z) + "V" + brush.grains(y - 0.3 * z),
                Brush.hue(hue, 26, 26),
                0.16 * z);
        for (int tier = 0; tier < 2; tier++) {
            double mid = s.xCm() + (tier == 0 ? 0 : 0.16 * z * (lot.nextDouble() - 0.5));
            double half = tier == 0 ? 0.62 * z : 0.36 * z;
            double up = y - (tier == 0 ? 0.3 : 0.46) * z;
            brush.fill(
                    "M" + brush.at(mid - half, up) + "Q" + brush.at(mid, up - 0.16 * z) + " " + brush.at(mid + half, up)
                            + "Q" + brush.at(mid, up + 0.2 * z) + " " + brush.at(mid - half, up) + "Z",
                    Brush.hue(hue, 34, 30));
            for (int shade = 0; shade < 3; shade++) {
                StringBuilder d = new StringBuilder();
                for (int i = 0; i < 26; i++) {
                    double t = 2 * lot.nextDouble() - 1;
                    double rise = (1 - t * t) * 0.09 * z + lot.nextDouble() * 0.05 * z;
                    d.append(brush.dot(mid + t * half * 0.97, up - rise));
                }
                brush.line(d.toString(), Brush.hue(hue + 8 * shade, 46, 42 + 14 * shade), 0.065 * z);
            }
        }
    }

    /** Fleshy tentacles with bright ends, out of a stony foot. */
    void torch(Standing s, double y) {
        Random lot = new Random(s.seed());
        double z = s.sizeCm();
        double hue = hue(TORCHES, s);
        brush.fill(
                brush.round(new double[][] {
                    {s.xCm() - 0.14 * z, y},
                    {s.xCm() - 0.4 * z, y - 0.3 * z},
                    {s.xCm(), y - 0.42 * z},
                    {s.xCm() + 0.4 * z, y - 0.3 * z},
                    {s.xCm() + 0.14 * z, y}
                }),
                Brush.hue(hue - 30, 22, 30));
        StringBuilder tips = new StringBuilder();
        for (int shade = 0; shade < 3; shade++) {
            StringBuilder d = new StringBuilder();
            for (int i = 0; i < 17; i++) {
                double angle = -Math.PI / 2 + 2.7 * (lot.nextDouble() - 0.5);
                double far = z * (0.3 + 0.34 * lot.nextDouble());
                double x0 = s.xCm() + 0.5 * z * (lot.nextDouble() - 0.5);
                double y0 = y - 0.28 * z;
                double x2 = x0 + Math.cos(angle) * far;
                double y2 = y0 + Math.sin(angle) * far * 0.8;
                d.append('M')
                        .append(brush.at(x0, y0))
                        .append('Q')
                        .append(brush.at(x0 + (x2 - x0) * 0.3, y0 + (y2 - y0) * 0.75))
                        .append(' ')
                        .append(brush.at(x2, y2));
                tips.append(brush.dot(x2, y2));
            }
            brush.line(d.toString(), Brush.hue(hue, 44, 28 + 9 * shade), 0.075 * z);
        }
        brush.line(tips.toString(), Brush.hue(hue + 28, 72, 78), 0.085 * z);
    }

    /** A dome with winding valleys. */
    void brain(Standing s, double y) {
        double z = s.sizeCm();
        double hue = hue(BRAINS, s);
        double[][] p = new double[10][];
        Random lot = new Random(s.seed());
        for (int i = 0; i < p.length; i++) {
            double a = 2 * Math.PI * i / p.length;
            double far = 0.5 * z * (0.92 + 0.22 * lot.nextDouble());
            p[i] = new double[] {s.xCm() + far * Math.cos(a), y - 0.26 * z + 0.62 * far * Math.sin(a)};
        }
        brush.fill(brush.round(p), Brush.hue(hue, 40, 32));
        StringBuilder d = new StringBuilder();
        for (int row = 0; row < 6; row++) {
            double up = y - 0.5 * z + 0.09 * z * row;
            double half = 0.42 * z * Math.sqrt(Math.max(0.05, 1 - Math.pow((row - 2.6) / 3.4, 2)));
            d.append('M').append(brush.at(s.xCm() - half, up));
            for (int i = 0; i < 4; i++) {
                double x = s.xCm() - half + half * (i + 0.5) / 2;
                d.append('Q')
                        .append(brush.at(x, up + 0.09 * z * (i % 2 == 0 ? 1 : -1)))
                        .append(' ')
                        .append(brush.at(x + half / 4, up));
            }
        }
        brush.line(d.toString(), Brush.hue(hue, 46, 52), 0.055 * z);
        brush.line(d.toString(), Brush.hue(hue + 90, 60, 58), 0.018 * z);
    }
}
