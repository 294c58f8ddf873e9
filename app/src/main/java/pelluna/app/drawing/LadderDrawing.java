package pelluna.app.drawing;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.words.Words;

/**
 * The pecking order as a ladder: each fish beside its rung, at the height of its score between the lowest and the
 * highest.
 */
public final class LadderDrawing {
    private static final double WIDE = 300;
    private static final double LEAST_STEP = 42;
    private static final double TOP = 24;
    private static final double X = 58;
    private static final double FISH = 44;

    private LadderDrawing() {}

    /** @param score normalised, 0 to the number of fish − 1; @param contests that it was in */
    public record Rung(Species species, String name, double score, double contests) {}

    /** @param rungs from the top */
    public static String draw(List<Rung> rungs, Words say) {
        int n = rungs.size();
        double top = rungs.stream().mapToDouble(Rung::score).max().orElse(1);
        double low = rungs.stream().mapToDouble(Rung::score).min().orElse(0);
        double span = Math.max(1, n - 1) * LEAST_STEP;
        Svg svg = new Svg();
        double high = span + 2 * TOP + 14;
        svg.open(
                "svg",
                "class",
                "ladder-drawing",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(high),
                "role",
                "img",
                "aria-label",
                say.text(
                        "page.drawing.peckingOrder",
                        String.join(", ", rungs.stream().map(Rung::name).toList())));
        svg.el("line", "class", "rail-line", "x1", X, "x2", X, "y1", 6, "y2", high - 6);
        svg.el("line", "class", "rail-line", "x1", X - 14, "x2", X - 14, "y1", 6, "y2", high - 6);
        double last = -LEAST_STEP;
        double figure = -LEAST_STEP;
        for (Rung r : rungs) {
            double at = TOP + (top > low ? (top - r.score()) / (top - low) : 0) * span;
            int after = n - 1 - rungs.indexOf(r);
            double label = Math.max(Math.min(at, TOP + span - after * LEAST_STEP), last + LEAST_STEP);
            last = label;
            svg.el("line", "class", "rung", "x1", X - 18, "x2", X + 4, "y1", at, "y2", at);
            svg.el(
                    "path",
                    "class",
                    "lead",
                    "d",
                    "M" + Svg.num(X + 5) + " " + Svg.num(at) + "L" + Svg.num(X + 22) + " " + Svg.num(label));
            boolean room = at - figure >= 12;
            figure = room ? at : figure;
            svg.text(
                    X - 22,
                    at + 4,
                    !room ? "" : Double.toString(Math.round(r.score() * 10) / 10.0),
                    "class",
                    "figure",
                    "text-anchor",
                    "end");
            svg.add(FishDrawing.image(r.species(), X + 24 + FISH / 2, label, FISH / FishDrawing.SHARE_WIDE));
            svg.text(X + 74, label, r.name(), "class", "lane-name");
            svg.text(X + 74, label + 14, say.text("page.drawing.contests", Math.round(r.contests())), "class", "small");
        }
        return svg.close("svg").toString();
    }
}
