package pelluna.app.tankplace;

import pelluna.app.drawing.Svg;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankShape;
import pelluna.words.Words;

/** The tank from above, to scale, as its figures are typed. */
final class TankDrawing {
    private static final double WIDE = 270;
    private static final double MOST_HIGH = 150;

    private TankDrawing() {}

    static String of(Tank tank, Words say) {
        double length = Math.max(1, tank.lengthCm());
        double width = Math.max(1, tank.widthCm() > 0 ? tank.widthCm() : length * 0.4);
        double scale = Math.min(WIDE / length, MOST_HIGH / width);
        double w = length * scale;
        double d = width * scale;
        double x = 15;
        double top = 24;
        Svg svg = new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "0 0 300 " + Svg.num(top + d + 8),
                        "class",
                        "tank-drawing",
                        "role",
                        "img",
                        "aria-label",
                        say.text("page.tankplace.fromAbove"));
        svg.text(x, top - 6, say.text("page.tankplace.fromAbove"), "class", "small");
        switch (tank.shape()) {
            case CYLINDER ->
                svg.el("ellipse", "cx", x + w / 2, "cy", top + w / 2, "rx", w / 2, "ry", w / 2, "class", "water-top");
            case HALF_CYLINDER ->
                svg.el(
                        "path",
                        "d",
                        "M" + Svg.num(x) + " " + Svg.num(top) + "H" + Svg.num(x + w) + "A" + Svg.num(w / 2) + " "
                                + Svg.num(d) + " 0 0 1 " + Svg.num(x) + " " + Svg.num(top) + "Z",
                        "class",
                        "water-top");
            default -> svg.el("rect", "x", x, "y", top, "width", w, "height", d, "class", "water-top");
        }
        double run = Math.min(w, tank.runCm() * scale);
        double middle = top + (tank.shape() == TankShape.CYLINDER ? w : d) / 2;
        svg.el("line", "x1", x + (w - run) / 2, "x2", x + (w + run) / 2, "y1", middle, "y2", middle, "class", "run");
        svg.text(
                x + w / 2,
                middle - 6,
                say.text("page.tankplace.run", say.length(tank.runCm())),
                "class",
                "figure light",
                "text-anchor",
                "middle");
        return svg.close("svg").toString();
    }
}
