package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.List;

/** The outline of a tail fin and its rays. */
final class TailShape {
    private static final int STEPS = 5;
    private static final int RAYS = 12;
    private static final double UNDER = 0.015;

    /**
     * How tails of a kind go.
     *
     * @param belly  how full it is on its way to the tips, 0 to 1
     * @param tip    height of its tips by its span
     * @param tipX   where its tips are, 1 at the end
     * @param middle where its edge is in the middle, 1 at the end
     * @param bend   how the edge goes between middle and tip: 1 straight, more like a bow
     */
    private enum Kind {
        FORK(0.62, 1, 1, 0.52, 1.25),
        LUNATE(0.6, 1.04, 1, 0.62, 2.1),
        LYRE(0.62, 1.06, 1, 0.4, 1.5),
        ROUND(0.98, 0.62, 0.93, 1, 2),
        SQUARE(0.72, 1, 1, 0.95, 2),
        FAN(0.95, 0.95, 0.97, 1, 2),
        POINT(1.05, 0.2, 0.97, 1, 2);

        final double belly;
        final double tip;
        final double tipX;
        final double middle;
        final double bend;

        Kind(double belly, double tip, double tipX, double middle, double bend) {
            this.belly = belly;
            this.tip = tip;
            this.tipX = tipX;
            this.middle = middle;
            this.bend = bend;
        }
    }

    private final Kind kind;
    private final double span;
    private final double from;
    private final double stalk;

    TailShape(String kind, double span, double from, double stalk) {
        this.kind = Kind.valueOf(kind.toUpperCase(java.util.Locale.ROOT));
        this.span = span;
        this.from = from - UNDER;
        this.stalk = stalk;
    }

    String outline() {
        List<double[]> upper = side(-1);
        List<double[]> lower = new ArrayList<>(side(1));
        java.util.Collections.reverse(lower);
        double[] tip = upper.get(upper.size() - 1);
        StringBuilder d = new StringBuilder(Curves.move(from, -stalk)).append(Curves.through(upper));
        List<double[]> edge = new ArrayList<>();
        edge.add(tip);
        for (int i = 1; i <= 2 * STEPS; i++) {
            edge.add(edge(-1 + (double) i / STEPS));
        }
        d.append(Curves.through(edge)).append(Curves.through(lower));
        return d.append('Z').toString();
    }

    String rays() {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < RAYS; i++) {
            double u = -0.94 + 1.88 * i / (RAYS - 1);
            double[] to = edge(u);
            d.append(Curves.stroke(from + 0.02, u * stalk * 0.85, from + (to[0] - from) * 0.96, to[1] * 0.97));
        }
        return d.toString();
    }

    private List<double[]> side(int side) {
        double long_ = 1 - from;
        return List.of(
                new double[] {from, side * stalk},
                new double[] {from + 0.25 * long_, side * (stalk + (span * kind.belly - stalk) * 0.5)},
                new double[] {from + 0.6 * long_, side * (stalk + (span * kind.belly - stalk) * 1.02)},
                edge(side));
    }

    /** The edge at the end, from the upper tip −1 to the lower one 1. */
    private double[] edge(double u) {
        double long_ = 1 - from;
        double x = kind.middle + (kind.tipX - kind.middle) * Math.pow(Math.abs(u), kind.bend);
        return new double[] {from + long_ * x, u * span * kind.tip};
    }
}
