package pelluna.app.scenery;

import java.util.Locale;
import pelluna.app.drawing.Svg;

/**
 * Writes one layer of the scenery in whole grains, a three-thousandth of the tank's length each, so that a picture is
 * as fine in a small tank as in a large one and its file stays small. Down from its own zero, as screens have it.
 */
final class Brush {
    /** Grains in the length of a tank; the textures in the folder {@code scenery} are as fine as these. */
    static final int GRAINS = 3000;

    private final Svg svg = new Svg();
    private final double grain;

    Brush(double tankLengthCm) {
        this.grain = tankLengthCm / GRAINS;
    }

    Svg svg() {
        return svg;
    }

    long grains(double cm) {
        return Math.round(cm / grain);
    }

    String at(double x, double y) {
        return grains(x) + " " + grains(y);
    }

    /** What follows lies in the light of day, or of the moon. @param filter its texture */
    void lit(String filter) {
        svg.open("g", "class", "lit").open("g", "filter", filter);
    }

    void unlit() {
        svg.close("g").close("g");
    }

    /** A closed line that is rounded at each of its corners, cm. */
    String round(double[][] p) {
        int n = p.length;
        StringBuilder d = new StringBuilder("M").append(middle(p[n - 1], p[0]));
        for (int i = 0; i < n; i++) {
            d.append('Q').append(at(p[i][0], p[i][1])).append(' ').append(middle(p[i], p[(i + 1) % n]));
        }
        return d.append('Z').toString();
    }

    /** A dot, to be painted with a round stroke as wide as it. */
    String dot(double x, double y) {
        return "M" + at(x, y) + "h1";
    }

    Brush fill(String d, String colour) {
        svg.el("path", "d", d, "fill", colour);
        return this;
    }

    Brush line(String d, String colour, double wideCm) {
        svg.el(
                "path",
                "d",
                d,
                "fill",
                "none",
                "stroke",
                colour,
                "stroke-width",
                Math.max(1, grains(wideCm)),
                "stroke-linecap",
                "round");
        return this;
    }

    /** @param hue 0 to 360; saturation and lightness in percent, all held within what there is */
    static String hue(double hue, double saturation, double lightness) {
        return String.format(
                Locale.ROOT,
                "hsl(%d,%d%%,%d%%)",
                Math.floorMod(Math.round(hue), 360),
                held(saturation),
                held(lightness));
    }

    private static long held(double percent) {
        return Math.round(Math.max(0, Math.min(100, percent)));
    }

    private String middle(double[] a, double[] b) {
        return at((a[0] + b[0]) / 2, (a[1] + b[1]) / 2);
    }
}
