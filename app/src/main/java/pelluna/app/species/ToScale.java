package pelluna.app.species;

import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.Tank;
import pelluna.core.units.Measures;

/** A fish to scale: grown, as it is usually sold, beside a hand, inside the keeper's tank. */
final class ToScale {
    /** A grown-up's hand from wrist to fingertip, cm. Pelluna's judgement, for comparison only. */
    private static final double HAND_CM = 18;
    private static final double WIDE = 690;
    private static final double MOST_HIGH = 250;

    private ToScale() { }

    static String of(Species s, Tank tank, Measures say) {
        double length = Math.max(tank.runCm(), s.size().usualCm() * 1.3);
        double height = tank.waterHeightCm() > 0 ? tank.waterHeightCm() : length * 0.4;
        double scale = Math.min(WIDE / Math.max(1, tank.runCm()), MOST_HIGH / height);
        double w = tank.runCm() * scale;
        double h = height * scale;
        double adult = s.size().usualCm() * scale;
        double young = s.usualShopCm() * scale;
        Svg svg = new Svg().open("svg", "viewBox", "0 0 740 " + Svg.num(h + 64), "class", "to-scale", "role", "img", "aria-label",
            s.name() + " to scale in a tank with a run of " + say.length(tank.runCm()));
        double x = 25;
        svg.el("rect", "x", x, "y", 16, "width", w, "height", h, "class", "water");
        svg.el("rect", "x", x, "y", 16 + h - 10, "width", w, "height", 10, "class", "sand");
        svg.add(FishDrawing.at(s, x + Math.max(adult / 2 + 8, w * 0.34), 16 + h * 0.48, adult, "adult"));
        svg.text(x + Math.max(adult / 2 + 8, w * 0.34), Math.min(h + 2, 16 + h * 0.48 + adult * FishDrawing.halfHeight(s.look()) + 16), "grown, " + say.length(s.size().usualCm()),
            "text-anchor", "middle", "class", "name light");
        double youngX = x + Math.min(w - 40, Math.max(adult + 40 + young, w * 0.66));
        svg.add(FishDrawing.at(s, youngX, 16 + h * 0.3, young, "young"));
        svg.text(youngX, 16 + h * 0.3 + young * FishDrawing.halfHeight(s.look()) + 16, "as sold, " + say.length(s.usualShopCm()), "text-anchor", "middle", "class", "name light");
        hand(svg, x + w - HAND_CM * scale - 14, 16 + h - 12 - 9 * scale, scale);
        svg.el("line", "x1", x, "x2", x + w, "y1", h + 28, "y2", h + 28, "class", "ruler");
        svg.text(x + w / 2, h + 44, "your run, " + say.length(tank.runCm()) + ": " + Measures.number(Measures.round(tank.runCm() / s.size().usualCm(), 1))
            + " body lengths", "text-anchor", "middle", "class", "figure");
        return svg.close("svg").toString();
    }

    private static void hand(Svg svg, double x, double y, double scale) {
        svg.open("g", "transform", "translate(" + Svg.num(x) + " " + Svg.num(y) + ") scale(" + Svg.num(HAND_CM * scale) + ")", "class", "hand")
            .el("path", "d", "M1 .12 L.62 .1 C.55 .02 .46 .0 .4 .03 L.16 .02 C.12 .03 .12 .07 .16 .08 L.36 .1 L.05 .12 C.0 .13 .0 .18 .05 .19 L.35 .19 L.02 .23 C-.02 .24"
                + " -.02 .29 .03 .3 L.35 .28 L.08 .34 C.05 .35 .06 .39 .1 .39 L.36 .36 C.45 .44 .52 .46 .48 .5 C.52 .52 .58 .46 .62 .4 L1 .4 Z").close("g");
        svg.text(x + HAND_CM * scale / 2, y - 3, "a hand", "text-anchor", "middle", "class", "small light");
    }
}
