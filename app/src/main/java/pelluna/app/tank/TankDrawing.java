package pelluna.app.tank;

import pelluna.app.drawing.Svg;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankShape;
import pelluna.core.units.Measures;

/** The tank from the front and from above, to one scale, as its figures are typed. */
final class TankDrawing {
    private static final double WIDE = 270;
    private static final double MOST_HIGH = 150;

    private TankDrawing() { }

    static String of(Tank tank, Measures say) {
        double length = Math.max(1, tank.lengthCm());
        double height = Math.max(1, tank.waterHeightCm() > 0 ? tank.waterHeightCm() : length * 0.4);
        double width = Math.max(1, tank.widthCm() > 0 ? tank.widthCm() : length * 0.4);
        double scale = Math.min(WIDE / length, Math.min(MOST_HIGH / height, MOST_HIGH / width));
        double w = length * scale;
        double h = height * scale;
        double d = width * scale;
        Svg svg = new Svg().open("svg", "viewBox", "0 0 300 " + Svg.num(h + d + 88), "class", "tank-drawing", "role", "img", "aria-label",
            "The tank from the front and from above, to scale");
        double x = 15;
        double sand = Math.min(h * 0.5, tank.sandDepthCm() * scale);
        svg.text(x, 12, "From the front", "class", "small");
        svg.el("rect", "x", x, "y", 20, "width", w, "height", h, "class", "water");
        rock(svg, tank, x, 20 + h - sand, w, h);
        svg.el("rect", "x", x, "y", 20 + h - sand, "width", w, "height", sand, "class", "sand");
        cover(svg, tank, x, w);
        double base = 20 + h;
        svg.el("line", "x1", x, "x2", x + w, "y1", base + 8, "y2", base + 8, "class", "ruler");
        svg.text(x + w / 2, base + 21, say.length(tank.lengthCm()), "class", "figure", "text-anchor", "middle");
        double top = base + 44;
        svg.text(x, top - 6, "From above", "class", "small");
        switch (tank.shape()) {
            case CYLINDER -> svg.el("ellipse", "cx", x + w / 2, "cy", top + w / 2, "rx", w / 2, "ry", w / 2, "class", "water-top");
            case HALF_CYLINDER -> svg.el("path", "d", "M" + Svg.num(x) + " " + Svg.num(top) + "H" + Svg.num(x + w) + "A" + Svg.num(w / 2) + " " + Svg.num(d) + " 0 0 1 "
                + Svg.num(x) + " " + Svg.num(top) + "Z", "class", "water-top");
            default -> svg.el("rect", "x", x, "y", top, "width", w, "height", d, "class", "water-top");
        }
        double run = Math.min(w, tank.runCm() * scale);
        double middle = top + (tank.shape() == TankShape.CYLINDER ? w : d) / 2;
        svg.el("line", "x1", x + (w - run) / 2, "x2", x + (w + run) / 2, "y1", middle, "y2", middle, "class", "run");
        svg.text(x + w / 2, middle - 6, "run " + say.length(tank.runCm()), "class", "figure light", "text-anchor", "middle");
        return svg.close("svg").toString();
    }

    /** Rock by its share of the water: the heap grows with its mass. */
    private static void rock(Svg svg, Tank tank, double x, double floor, double w, double h) {
        double share = Math.min(0.5, tank.volume().rockLitres() * 3 / Math.max(1, tank.netLitres()));
        if (share > 0.01) {
            double top = floor - h * (0.25 + share);
            svg.el("path", "d", "M" + Svg.num(x + w * 0.06) + " " + Svg.num(floor) + " Q" + Svg.num(x + w * 0.2) + " " + Svg.num(top) + " " + Svg.num(x + w * 0.3) + " "
                + Svg.num((top + floor) / 2) + " T" + Svg.num(x + w * 0.42) + " " + Svg.num(floor) + "Z M" + Svg.num(x + w * 0.6) + " " + Svg.num(floor) + " Q"
                + Svg.num(x + w * 0.72) + " " + Svg.num(top + h * 0.1) + " " + Svg.num(x + w * 0.82) + " " + Svg.num((top + floor) / 2) + " T" + Svg.num(x + w * 0.95) + " "
                + Svg.num(floor) + "Z", "class", "rock");
        }
    }

    private static void cover(Svg svg, Tank tank, double x, double w) {
        switch (tank.cover()) {
            case NONE -> { }
            case PARTIAL -> svg.el("line", "x1", x, "x2", x + w * 0.6, "y1", 17, "y2", 17, "class", "lid");
            case MESH -> svg.el("line", "x1", x, "x2", x + w, "y1", 17, "y2", 17, "class", "lid mesh");
            case SOLID -> svg.el("line", "x1", x, "x2", x + w, "y1", 17, "y2", 17, "class", "lid");
        }
    }
}
