package pelluna.app.scenery;

import java.util.Random;
import pelluna.app.drawing.Svg;
import pelluna.core.scenery.Seeds;

/** The mouth of a hiding place: a dark hole in the rock, or in a stone of its own where no heap is. */
final class CaveDrawing {
    private static final int CORNERS = 11;
    private static final double WIDE = 3.6;
    private static final double HIGH = 2.5;

    private final double unit;
    private final Random lot;

    /** @param unit a share of the tank's length, cm @param index its place in the list of hides, from 0 */
    CaveDrawing(double unit, int index) {
        this.unit = unit;
        this.lot = new Random(Seeds.of(-1) + index);
    }

    void draw(Svg svg, double x, double y, boolean free) {
        double wide = WIDE * unit * (0.85 + 0.3 * lot.nextDouble());
        double high = HIGH * unit * (0.85 + 0.3 * lot.nextDouble());
        if (free) {
            svg.el("path", "d", blob(x, y + 0.3 * high, 1.5 * wide, 1.6 * high), "fill", "url(#pot)");
        }
        String mouth = blob(x, y, wide, high);
        svg.el("path", "class", "hide-mouth", "d", mouth, "fill", "url(#cave)");
        svg.el(
                "path",
                "d",
                mouth,
                "fill",
                "none",
                "stroke",
                "#e3d3da",
                "stroke-opacity",
                0.28,
                "stroke-width",
                0.22 * unit,
                "transform",
                "translate(0 " + Svg.num(0.14 * unit) + ")",
                "pointer-events",
                "none");
    }

    private String blob(double x, double y, double wide, double high) {
        double[][] p = new double[CORNERS][];
        for (int k = 0; k < CORNERS; k++) {
            double angle = 2 * Math.PI * k / CORNERS;
            double far = 0.86 + 0.3 * lot.nextDouble();
            p[k] = new double[] {x + wide * far * Math.cos(angle), y + high * far * Math.sin(angle)};
        }
        StringBuilder d = new StringBuilder("M").append(middle(p[CORNERS - 1], p[0]));
        for (int k = 0; k < CORNERS; k++) {
            d.append('Q')
                    .append(Svg.num(p[k][0]))
                    .append(' ')
                    .append(Svg.num(p[k][1]))
                    .append(' ')
                    .append(middle(p[k], p[(k + 1) % CORNERS]));
        }
        return d.append('Z').toString();
    }

    private static String middle(double[] a, double[] b) {
        return Svg.num((a[0] + b[0]) / 2) + " " + Svg.num((a[1] + b[1]) / 2);
    }
}
