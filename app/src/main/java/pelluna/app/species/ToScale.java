package pelluna.app.species;

import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.Tank;
import pelluna.words.Words;

/** A fish to scale: grown and as it is usually sold, beside a hand, inside the outline of the keeper's tank. */
final class ToScale {
    /** A grown-up's hand from wrist to fingertip, cm. Pelluna's judgement, for comparison only. */
    private static final double HAND_CM = 18;

    private static final double WIDE = 690;
    private static final double MOST_HIGH = 250;
    private static final double X = 25;
    private static final double Y = 16;

    private ToScale() {}

    static String of(Species s, Tank tank, Words say) {
        double height = tank.waterHeightCm() > 0
                ? tank.waterHeightCm()
                : Math.max(tank.runCm(), s.size().usualCm() * 1.3) * 0.4;
        double tall = Math.max(height, s.size().usualCm() * 2 * FishDrawing.halfHeight(s.look()) + 4);
        double wide = Math.max(tank.runCm(), s.size().usualCm() * 1.04);
        double scale = Math.min(WIDE / Math.max(1, wide), MOST_HIGH / tall);
        double w = tank.runCm() * scale;
        double h = height * scale;
        double all = tall * scale;
        double adult = s.size().usualCm() * scale;
        double young = s.usualShopCm() * scale;
        boolean outgrows = s.size().usualCm() > tank.runCm() || tall > height;
        Svg svg = new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "0 0 740 " + Svg.num(all + 64),
                        "class",
                        "to-scale",
                        "role",
                        "img",
                        "aria-label",
                        say.text("page.species.toScale", s, say.length(tank.runCm())));
        double bottom = Y + all;
        svg.el("rect", "x", X, "y", bottom - h, "width", w, "height", h, "class", "water");
        svg.el("rect", "x", X, "y", bottom - 8, "width", w, "height", 8, "class", "sand");
        double adultX = X + Math.max(adult / 2 + 8, w * 0.34);
        double adultY = Math.max(bottom - h * 0.56, Y + adult * FishDrawing.halfHeight(s.look()));
        svg.open("g", "class", "film-grown")
                .add(FishDrawing.at(s.look(), adultX, adultY, adult, "adult"))
                .close("g");
        svg.open("image", "class", "film-fish", "data-x", adultX, "data-y", adultY, "data-long", adult)
                .close("image");
        if (!outgrows) {
            caption(
                    svg,
                    adultX,
                    Math.min(bottom - 12, adultY + adult * FishDrawing.halfHeight(s.look()) + 15),
                    say.text("page.species.grown2", say.length(s.size().usualCm())));
        }
        double youngX = X + Math.min(w - young / 2 - 20, Math.max(adult + 46 + young / 2, w * 0.66));
        double youngY = bottom - h * 0.72;
        boolean room = youngX - young / 2 > adultX + adult / 2 + 8;
        if (room) {
            svg.add(FishDrawing.at(s.lookAt(s.usualShopCm()), youngX, youngY, young, "young"));
            caption(
                    svg,
                    youngX,
                    youngY + young * FishDrawing.halfHeight(s.lookAt(s.usualShopCm())) + 16,
                    say.text("page.species.asSold", say.length(s.usualShopCm())));
        }
        if (!outgrows && w > HAND_CM * scale * 1.6) {
            hand(svg, X + w - HAND_CM * scale - 14, bottom - 12 - 9 * scale, scale, say);
        }
        svg.el("line", "x1", X, "x2", X + w, "y1", bottom + 10, "y2", bottom + 10, "class", "ruler");
        svg.text(
                outgrows ? X : X + w / 2,
                bottom + 27,
                outgrows
                        ? say.text(
                                "page.species.yourRunBodyLengthsGrownToIt",
                                say.length(tank.runCm()),
                                say.number(tank.runCm() / s.size().usualCm(), 1),
                                say.length(s.size().usualCm()))
                        : say.text(
                                "page.species.yourRunBodyLengths",
                                say.length(tank.runCm()),
                                say.number(tank.runCm() / s.size().usualCm(), 1)),
                "text-anchor",
                outgrows ? "start" : "middle",
                "class",
                "figure");
        return svg.close("svg").toString();
    }

    private static void caption(Svg svg, double x, double y, String text) {
        svg.text(x, y, text, "text-anchor", "middle", "class", "name light");
    }

    private static void hand(Svg svg, double x, double y, double scale, Words say) {
        svg.open(
                        "g",
                        "transform",
                        "translate(" + Svg.num(x) + " " + Svg.num(y) + ") scale(" + Svg.num(HAND_CM * scale) + ")",
                        "class",
                        "hand")
                .el(
                        "path",
                        "d",
                        "M1 .12 L.62 .1 C.55 .02 .46 .0 .4 .03 L.16 .02 C.12 .03 .12 .07 .16 .08 L.36 .1 L.05 .12 C.0 "
                                + ".13 .0 .18 .05 .19 L.35 .19 L.02 .23 C-.02 .24"
                                + " -.02 .29 .03 .3 L.35 .28 L.08 .34 C.05 .35 .06 .39 .1 .39 L.36 .36 C.45 .44 .52 "
                                + ".46 .48 .5 C.52 .52 .58 .46 .62 .4 L1 .4 Z")
                .close("g");
        svg.text(
                x + HAND_CM * scale / 2,
                y - 3,
                say.text("page.species.aHand"),
                "text-anchor",
                "middle",
                "class",
                "small light");
    }
}
