package pelluna.app.quarantine;

import java.util.List;
import java.util.Random;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.catalogue.Look;
import pelluna.words.Words;

/** A quarantine place from the front: bare glass, pipes to hide in, its fish, and a ring of the days of each stay. */
final class PlaceDrawing {
    private static final double WIDE = 420;
    private static final double HIGH = 190;
    private static final double FLOOR = 172;
    private static final double FISH = 96;
    private static final double RING = 26;

    private PlaceDrawing() {}

    static String draw(int number, List<QuarantineBoard.Stay> stays, Words say) {
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "place-drawing",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(HIGH),
                "role",
                "img",
                "aria-label",
                say.text("page.quarantine.place", number));
        svg.el("rect", "class", "place-water", "x", 8, "y", 14, "width", WIDE - 16, "height", FLOOR - 14);
        svg.el("path", "class", "place-surface", "d", "M8 22q20 -6 40 0t40 0t40 0t40 0t40 0t40 0t40 0t40 0t40 0t40 0");
        svg.el("path", "class", "place-glass", "d", "M8 6V180H412V6");
        pipes(svg);
        int i = 0;
        for (QuarantineBoard.Stay s : stays) {
            double x = WIDE * (i + 0.5) / stays.size();
            fish(svg, s, x, WIDE / stays.size(), i);
            ring(svg, s, x, say);
            i++;
        }
        return svg.close("svg").toString();
    }

    private static void pipes(Svg svg) {
        for (double[] p : new double[][] {{52, 60}, {300, 74}}) {
            svg.el("rect", "class", "pipe", "x", p[0], "y", FLOOR - 26, "width", p[1], "height", 26, "rx", 3);
            svg.el("ellipse", "class", "pipe-mouth", "cx", p[0] + p[1], "cy", FLOOR - 13, "rx", 6, "ry", 13);
        }
    }

    private static void fish(Svg svg, QuarantineBoard.Stay s, double x, double room, int nth) {
        Look look = s.species().lookAt(s.species().usualShopCm());
        int many = Math.min(s.count(), 4);
        double long_ = Math.min(FISH, room / (0.5 + 0.62 * many));
        double half = FishDrawing.halfHeight(look) * long_;
        Random lot = new Random(nth);
        for (int i = 0; i < many; i++) {
            double cx = x + (i - (many - 1) / 2.0) * long_ * 0.78;
            double cy = 104 + 26 * (lot.nextDouble() - 0.5);
            svg.el(
                    "image",
                    "href",
                    FishDrawing.href(s.species(), look),
                    "x",
                    cx - (0.5 + FishDrawing.SHARE_BEFORE) * long_,
                    "y",
                    cy - half,
                    "width",
                    FishDrawing.SHARE_WIDE * long_,
                    "height",
                    2 * half);
        }
    }

    /** The days that are over as a part of a ring, today's number within it. */
    private static void ring(Svg svg, QuarantineBoard.Stay s, double x, Words say) {
        double cx = x;
        double cy = 46;
        double share = Math.min(1, s.clock().day() / (double) s.clock().school().days());
        double round = 2 * Math.PI * RING;
        svg.el("circle", "class", "ring-all", "cx", cx, "cy", cy, "r", RING);
        svg.el(
                "circle",
                "class",
                s.clock().mayGo() ? "ring-done may-go" : "ring-done",
                "cx",
                cx,
                "cy",
                cy,
                "r",
                RING,
                "stroke-dasharray",
                Svg.num(share * round) + " " + Svg.num(round),
                "transform",
                "rotate(-90 " + Svg.num(cx) + " " + Svg.num(cy) + ")");
        svg.text(cx, cy + 6, say.number(s.clock().day()), "class", "ring-day", "text-anchor", "middle");
    }
}
