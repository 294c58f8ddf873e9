package pelluna.app.tankplace;

import pelluna.app.drawing.Svg;
import pelluna.app.scenery.ReefDrawing;
import pelluna.app.scenery.Sceneries;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankShape;
import pelluna.words.Words;

/** The tank from the front and from above, to one scale, as its figures are typed. */
final class TankDrawing {
    private static final double WIDE = 270;
    private static final double MOST_HIGH = 150;

    private TankDrawing() {}

    static String of(long id, Tank tank, Sceneries sceneries, Words say) {
        double length = Math.max(1, tank.lengthCm());
        double width = Math.max(1, tank.widthCm() > 0 ? tank.widthCm() : length * 0.4);
        ReefDrawing reef = new ReefDrawing(tank, say);
        double[] box = reef.box();
        double scale = Math.min(WIDE / box[2], Math.min(MOST_HIGH / box[3], MOST_HIGH / width));
        double w = length * scale;
        double d = width * scale;
        double x = 15 - box[0] * scale;
        double base = 18 + box[3] * scale;
        Svg svg = new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "0 0 300 " + Svg.num(base + d + 50),
                        "class",
                        "tank-drawing",
                        "role",
                        "img",
                        "aria-label",
                        say.text("page.tankplace.frontAndAbove"));
        svg.text(15, 12, say.text("page.tankplace.fromTheFront"), "class", "small");
        svg.open(
                "g",
                "class",
                "reef",
                "transform",
                "translate(" + Svg.num(x) + " " + Svg.num(18 - box[1] * scale) + ") scale(" + Svg.num(scale) + ")");
        reef.still(svg, sceneries.of(tank), l -> l.image(Sceneries.base(id)));
        svg.close("g");
        double top = base + 26;
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
