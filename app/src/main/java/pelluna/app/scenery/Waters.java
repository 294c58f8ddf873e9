package pelluna.app.scenery;

import java.util.Random;
import pelluna.core.scenery.Seeds;

/** Water with light falling in. */
final class Waters {
    private static final int RAYS = 11;
    private static final int MOTES = 70;

    private final Brush brush;
    private final double length;
    private final Gear gear;
    private final double height;
    private final Random lot = new Random(Seeds.of(-1));

    Waters(Brush brush, double lengthCm, double heightCm, Gear gear) {
        this.gear = gear;
        this.brush = brush;
        this.length = lengthCm;
        this.height = heightCm;
    }

    void paint() {
        brush.lit("none");
        rect("url(#water)");
        brush.svg().open("g", "filter", "url(#haze)");
        for (int i = 0; i < RAYS; i++) {
            ray(length * (i + lot.nextDouble()) / RAYS);
        }
        brush.svg().close("g");
        rect("url(#far)");
        motes();
        gear.paint();
        surface();
        brush.unlit();
    }

    private void rect(String fill) {
        brush.svg().el("rect", "width", brush.grains(length), "height", brush.grains(height), "fill", fill);
    }

    private void ray(double x) {
        double wide = length * (0.012 + 0.04 * lot.nextDouble());
        double lean = length * (0.03 + 0.05 * lot.nextDouble());
        double deep = height * (0.6 + 0.4 * lot.nextDouble());
        brush.svg()
                .el(
                        "path",
                        "d",
                        "M" + brush.at(x, -0.05 * height) + "L" + brush.at(x + wide, -0.05 * height) + "L"
                                + brush.at(x + 1.9 * wide - lean, deep) + "L" + brush.at(x - lean - 0.6 * wide, deep)
                                + "Z",
                        "fill",
                        "url(#ray)",
                        "opacity",
                        0.25 + 0.6 * lot.nextDouble());
    }

    private void motes() {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < MOTES; i++) {
            d.append(brush.dot(lot.nextDouble() * length, height * (0.06 + 0.9 * lot.nextDouble())));
        }
        brush.svg().open("g", "opacity", 0.22);
        brush.line(d.toString(), "#e6fff8", length / 900);
        brush.svg().close("g");
    }

    private void surface() {
        double step = length / 60;
        StringBuilder d = new StringBuilder("M" + brush.at(0, 0) + "V" + brush.grains(height * 0.012));
        for (int i = 0; i < 60; i++) {
            double deep = height * (0.014 + 0.012 * Math.sin(i * 0.9) * Math.sin(i * 0.23 + 1));
            d.append('Q')
                    .append(brush.at((i + 0.5) * step, deep * 1.7))
                    .append(' ')
                    .append(brush.at((i + 1) * step, deep));
        }
        brush.svg().el("path", "d", d + "V0Z", "fill", "#d9fbf2", "fill-opacity", 0.5);
    }
}
