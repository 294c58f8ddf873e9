package pelluna.app.scenery;

import java.util.Random;
import pelluna.core.scenery.Standing;

/** What walks and crawls: one of each kind that is kept. */
final class Walkers {
    private final Brush brush;

    Walkers(Brush brush) {
        this.brush = brush;
    }

    /** A cleaner shrimp: red back, a white stripe along it, white feelers. */
    void shrimp(Standing s, double y) {
        double z = s.sizeCm();
        double x = s.xCm() - 0.5 * z;
        brush.line(
                "M" + brush.at(x + 0.08 * z, y - 0.3 * z) + "Q" + brush.at(x - 0.3 * z, y - 0.7 * z) + " "
                        + brush.at(x - 0.5 * z, y - 0.36 * z) + "M" + brush.at(x + 0.08 * z, y - 0.3 * z) + "Q"
                        + brush.at(x - 0.2 * z, y - 0.9 * z) + " " + brush.at(x - 0.05 * z, y - z),
                "#f7f3ea",
                0.03 * z);
        StringBuilder legs = new StringBuilder();
        for (int i = 0; i < 5; i++) {
            legs.append('M')
                    .append(brush.at(x + (0.24 + 0.09 * i) * z, y - 0.2 * z))
                    .append('L')
                    .append(brush.at(x + (0.16 + 0.11 * i) * z, y + 0.02 * z));
        }
        brush.line(legs.toString(), "#e9b58f", 0.035 * z);
        String body = "M" + brush.at(x + 0.05 * z, y - 0.28 * z) + "Q" + brush.at(x + 0.5 * z, y - 0.5 * z) + " "
                + brush.at(x + 0.92 * z, y - 0.12 * z);
        brush.line(body, "#eabf7c", 0.22 * z);
        brush.line(body, "#c8262b", 0.13 * z);
        brush.line(body, "#fdf6ee", 0.045 * z);
        brush.line(
                "M" + brush.at(x + 0.92 * z, y - 0.12 * z) + "l" + brush.at(0.14 * z, -0.04 * z) + "M"
                        + brush.at(x + 0.92 * z, y - 0.12 * z) + "l" + brush.at(0.1 * z, 0.08 * z),
                "#c8262b",
                0.06 * z);
    }

    /** A hermit in its shell. */
    void crab(Standing s, double y) {
        double z = s.sizeCm();
        double x = s.xCm();
        brush.line(
                "M" + brush.at(x - 0.2 * z, y - 0.1 * z) + "L" + brush.at(x - 0.5 * z, y) + "M"
                        + brush.at(x - 0.1 * z, y - 0.1 * z) + "L" + brush.at(x - 0.36 * z, y + 0.03 * z) + "M"
                        + brush.at(x - 0.25 * z, y - 0.18 * z) + "L" + brush.at(x - 0.56 * z, y - 0.2 * z),
                "#2f55b8",
                0.09 * z);
        spiral(x + 0.1 * z, y, z, "#d7c3a0", "#8d7350");
    }

    void snail(Standing s, double y) {
        double z = s.sizeCm();
        brush.line(
                "M" + brush.at(s.xCm() - 0.45 * z, y - 0.02 * z) + "H" + brush.grains(s.xCm() + 0.35 * z),
                "#4a4348",
                0.12 * z);
        spiral(s.xCm(), y, z, "#b9b09c", "#5f564a");
    }

    /** A pointed shell with its turns. */
    private void spiral(double x, double y, double z, String light, String dark) {
        brush.fill(
                brush.round(new double[][] {
                    {x - 0.4 * z, y + 0.02 * z},
                    {x - 0.36 * z, y - 0.34 * z},
                    {x, y - 0.5 * z},
                    {x + 0.46 * z, y - 0.62 * z},
                    {x + 0.38 * z, y - 0.1 * z},
                    {x, y + 0.06 * z}
                }),
                light);
        brush.line(
                "M" + brush.at(x - 0.14 * z, y) + "Q" + brush.at(x - 0.2 * z, y - 0.3 * z) + " "
                        + brush.at(x + 0.02 * z, y - 0.42 * z) + "M" + brush.at(x + 0.12 * z, y - 0.04 * z) + "Q"
                        + brush.at(x + 0.06 * z, y - 0.3 * z) + " " + brush.at(x + 0.2 * z, y - 0.48 * z),
                dark,
                0.05 * z);
    }

    void urchin(Standing s, double y) {
        double z = s.sizeCm();
        Random lot = new Random(s.seed());
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < 44; i++) {
            double a = 2 * Math.PI * i / 44;
            double far = z * (0.42 + 0.14 * lot.nextDouble());
            d.append('M')
                    .append(brush.at(s.xCm() + 0.14 * z * Math.cos(a), y - 0.2 * z + 0.14 * z * Math.sin(a)))
                    .append('L')
                    .append(brush.at(s.xCm() + far * Math.cos(a), y - 0.2 * z + far * Math.sin(a) * 0.9));
        }
        brush.line(d.toString(), "#17121d", 0.026 * z);
        brush.line(brush.dot(s.xCm(), y - 0.2 * z), "#1d1726", 0.4 * z);
        brush.line(brush.dot(s.xCm() - 0.05 * z, y - 0.25 * z), "#4b4060", 0.12 * z);
    }

    void star(Standing s, double y) {
        double z = s.sizeCm();
        StringBuilder arms = new StringBuilder();
        StringBuilder dots = new StringBuilder();
        for (int i = 0; i < 5; i++) {
            double a = 2 * Math.PI * i / 5 + 6 * s.tint();
            double tipX = s.xCm() + 0.46 * z * Math.cos(a);
            double tipY = y - 0.1 * z + 0.2 * z * Math.sin(a);
            arms.append('M').append(brush.at(s.xCm(), y - 0.1 * z)).append('L').append(brush.at(tipX, tipY));
            for (int k = 1; k < 5; k++) {
                dots.append(brush.dot(
                        s.xCm() + (tipX - s.xCm()) * k / 5, y - 0.1 * z + (tipY - y + 0.1 * z) * k / 5 - 0.015 * z));
            }
        }
        brush.line(arms.toString(), "#7c2a1c", 0.15 * z);
        brush.line(arms.toString(), "#d6552f", 0.11 * z);
        brush.line(dots.toString(), "#f6c39a", 0.03 * z);
    }

    void cucumber(Standing s, double y) {
        double z = s.sizeCm();
        String body = "M" + brush.at(s.xCm() - 0.4 * z, y - 0.08 * z) + "Q" + brush.at(s.xCm(), y - 0.2 * z) + " "
                + brush.at(s.xCm() + 0.4 * z, y - 0.07 * z);
        brush.line(body, "#2e211c", 0.26 * z);
        brush.line(body, "#6b4d3c", 0.19 * z);
        Random lot = new Random(s.seed());
        StringBuilder warts = new StringBuilder();
        for (int i = 0; i < 22; i++) {
            double t = lot.nextDouble() - 0.5;
            warts.append(brush.dot(s.xCm() + 0.8 * t * z, y - (0.06 + 0.16 * lot.nextDouble()) * z));
        }
        brush.line(warts.toString(), "#a98a6d", 0.03 * z);
    }
}
