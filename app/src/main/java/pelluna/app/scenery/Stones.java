package pelluna.app.scenery;

import java.util.List;
import pelluna.core.scape.Rock;
import pelluna.core.scenery.Pile;
import pelluna.core.scenery.Seeds;
import pelluna.core.scenery.Stone;

/** A heap of stones with dark gaps between them; its zero is the left foot on the sand. */
final class Stones {
    private static final int KINDS = 4;
    private static final int EDGE_POINTS = 24;
    private static final double GAP = 0.05;

    private final Brush brush;
    private final Rock rock;
    private final int index;

    Stones(Brush brush, Rock rock, int index) {
        this.brush = brush;
        this.rock = rock;
        this.index = index;
    }

    void paint() {
        List<Stone> stones = Pile.of(rock, Seeds.of(index));
        brush.lit("url(#stone)");
        brush.fill(within(), "#16101c");
        stones.forEach(this::stone);
        brush.unlit();
    }

    private void stone(Stone s) {
        int n = s.reach().size();
        double[][] corners = new double[n][];
        for (int k = 0; k < n; k++) {
            corners[k] = new double[] {s.cornerX(k), -s.cornerHeight(k)};
        }
        String d = brush.round(corners);
        brush.svg()
                .el(
                        "path",
                        "d",
                        d,
                        "fill",
                        "url(#k" + (int) (s.kind() * KINDS) + ")",
                        "stroke",
                        "#0d0913",
                        "stroke-opacity",
                        0.6,
                        "stroke-width",
                        Math.max(1, brush.grains(s.ryCm() * GAP)));
        brush.fill(d, "url(#deep)");
    }

    /** The dark behind the stones: a little within the outline. */
    private String within() {
        StringBuilder d = new StringBuilder("M" + brush.at(0.06 * rock.widthCm(), 0));
        for (int i = 1; i < EDGE_POINTS; i++) {
            double x = rock.widthCm() * (0.06 + 0.88 * i / EDGE_POINTS);
            d.append('L').append(brush.at(x, -0.86 * Pile.edge(rock, x)));
        }
        return d + "L" + brush.at(0.94 * rock.widthCm(), 0) + "Z";
    }
}
