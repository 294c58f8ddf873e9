package pelluna.app.drawing;

import java.util.List;
import pelluna.core.sighting.Sighting;
import pelluna.core.tank.Tank;

/** Where acts were seen, laid over the front of the tank: a disc for each part of the glass, its area by how many. */
public final class HotSpots {
    private static final int ACROSS = 10;
    private static final int UP = 5;

    private HotSpots() {}

    /** @param times as many as the places */
    public static String over(Tank tank, List<Sighting.Spot> places, List<Integer> times) {
        int[][] acts = new int[ACROSS][UP];
        double[][] xs = new double[ACROSS][UP];
        double[][] ys = new double[ACROSS][UP];
        int most = 0;
        for (int i = 0; i < places.size(); i++) {
            Sighting.Spot s = places.get(i);
            int c = Math.min(ACROSS - 1, (int) (s.x() * ACROSS));
            int r = Math.min(UP - 1, (int) (s.y() * UP));
            acts[c][r] += times.get(i);
            xs[c][r] += times.get(i) * s.x();
            ys[c][r] += times.get(i) * s.y();
            most = Math.max(most, acts[c][r]);
        }
        Svg svg = new Svg();
        double largest = tank.lengthCm() / ACROSS * 0.5;
        double letter = tank.lengthCm() / 60;
        svg.open("g", "class", "hot");
        for (int c = 0; c < ACROSS; c++) {
            for (int r = 0; r < UP; r++) {
                if (acts[c][r] > 0) {
                    double x = tank.lengthCm() * xs[c][r] / acts[c][r];
                    double y = tank.frontHeightCm() * (1 - ys[c][r] / acts[c][r]);
                    double radius = Math.max(largest * Math.sqrt((double) acts[c][r] / most), letter * 0.7);
                    svg.el("circle", "class", "hot-spot", "cx", x, "cy", y, "r", radius);
                    svg.text(
                            0,
                            0,
                            Integer.toString(acts[c][r]),
                            "class",
                            "hot-count",
                            "text-anchor",
                            "middle",
                            "transform",
                            "translate(" + Svg.num(x) + " " + Svg.num(y + letter * 0.36) + ") scale("
                                    + Svg.num(letter / 12) + ")");
                }
            }
        }
        return svg.close("g").toString();
    }
}
