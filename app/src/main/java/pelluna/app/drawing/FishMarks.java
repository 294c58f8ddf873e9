package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Look;

/** Marks of a look laid over a body: stripes run along it, bars bow with it, spots stay on it. */
final class FishMarks {
    private static final double GOLDEN = 0.618034;
    private static final int STEPS = 16;
    /** Where rows of spots lie, in shares of the depth. */
    private static final double ROW = 0.52;
    /** How far an upright edge bows to the tail in the middle of the body. */
    private static final double BOW = 0.02;
    /** A little over the edge of the body, which cuts it off. */
    private static final double OVER = 1.25;

    private static final double RAY_BEND = 0.09;
    private static final double RAY_END = 0.25;
    private static final String RAY_EDGE = "#0b1d20";

    private static final double ON_FIN = 1.1;
    private static final double ROOT = 0.02;

    private final Svg svg;
    private final FishForms.Outline o;
    private final double h;

    FishMarks(Svg svg, FishForms.Outline outline) {
        this.svg = svg;
        this.o = outline;
        this.h = outline.half();
    }

    /** A long ray or snout that reaches out of the body. */
    static boolean outside(Look.Mark m) {
        return m.kind() == Look.Kind.WEDGE && m.at().get(0) <= -0.1
                || m.kind() == Look.Kind.LINE && Math.abs(m.at().get(3)) > 2;
    }

    /** A bar or a spot at the root of the tail, which is not cut off where the body ends. */
    boolean onTail(Look.Mark m) {
        boolean place = m.kind() == Look.Kind.BAR || m.kind() == Look.Kind.SPOT && !onFin(m);
        double end = o.profile().map(Profile::end).orElse(1.0);
        return place && m.at().get(0) + m.at().get(m.at().size() - 1) > end - ROOT;
    }

    static boolean onFin(Look.Mark m) {
        return m.kind() == Look.Kind.SPOT && Math.abs(m.at().get(1)) > ON_FIN;
    }

    void draw(Look.Mark m) {
        List<Double> a = m.at();
        String c = m.colour();
        switch (m.kind()) {
            case BAR -> bar(a.get(0), a.get(1), c);
            case STRIPE -> stripe(a.get(0) - a.get(1) / 2, a.get(0) + a.get(1) / 2, c);
            case REAR -> from(a.get(0), 1.2, c);
            case MASK -> from(a.get(0), -0.2, c);
            case BACK -> stripe(-OVER, a.get(0), c);
            case BELLY -> stripe(a.get(0), OVER, c);
            case SPOT -> svg.el("circle", "cx", a.get(0), "cy", spotY(a), "r", a.get(2), "fill", c);
            case LINE -> {
                if (outside(m)) {
                    ray(a, c);
                } else {
                    line(a, c);
                }
            }
            case WEDGE ->
                svg.el("path", "d", "M" + point(a, 0) + "L" + point(a, 2) + "L" + point(a, 4) + "Z", "fill", c);
            case SPOTS -> spots(a.get(0).intValue(), a.get(1), c);
            case ROWS -> rows(a.get(0).intValue(), a.get(1), c);
            case BARS -> {
                for (int i = 0; i < a.get(0); i++) {
                    bar(0.2 + 0.62 * i / Math.max(1, a.get(0) - 1), a.get(1), c);
                }
            }
            case STRIPES -> {
                for (int i = 0; i < a.get(0); i++) {
                    double middle = -0.78 + 1.5 * i / Math.max(1, a.get(0) - 1);
                    stripe(middle - a.get(1) / 2, middle + a.get(1) / 2, c);
                }
            }
            case PATCH ->
                svg.el("ellipse", "cx", a.get(0), "cy", a.get(1) * h, "rx", a.get(2), "ry", a.get(3) * h, "fill", c);
            case CURVE -> stroke("M" + point(a, 0) + "Q" + point(a, 2) + point(a, 4), c, a.get(6));
            case FRINGE, TAIL_EDGE -> {}
            case MAZE -> maze(a.get(0).intValue(), a.get(1), c);
        }
    }

    /** A spot beyond the body lies in the middle of the fin there, wherever its edge is. */
    private double spotY(List<Double> a) {
        double asSaid = a.get(1) * h;
        return Math.abs(a.get(1)) > ON_FIN ? o.inFin(a.get(0), a.get(1) < 0 ? -1 : 1, asSaid) : asSaid;
    }

    private String point(List<Double> a, int i) {
        return Curves.at(a.get(i), a.get(i + 1) * h);
    }

    private void line(List<Double> a, String colour) {
        stroke("M" + point(a, 0) + "L" + point(a, 2), colour, a.get(4));
    }

    /** A long ray: wide at its foot, thin at its end, bent a little to the tail on its way. */
    private void ray(List<Double> a, String colour) {
        double half = a.get(4) / 2;
        double x0 = a.get(0);
        double x1 = a.get(2);
        double y0 = a.get(1) * h;
        double y1 = a.get(3) * h;
        double middle = (x0 + x1) / 2 - RAY_BEND * Math.abs(y1 - y0);
        double half1 = half * RAY_END;
        String d = Curves.move(x0 - half, y0)
                + "Q" + Curves.at(middle - half * 0.7, (y0 + y1) / 2) + Curves.at(x1 - half1, y1)
                + Curves.line(x1 + half1, y1)
                + "Q" + Curves.at(middle + half * 0.7, (y0 + y1) / 2) + Curves.at(x0 + half, y0) + "Z";
        svg.el("path", "d", d, "fill", colour, "stroke", RAY_EDGE, "stroke-opacity", 0.4, "stroke-width", 0.004);
    }

    private void stroke(String d, String colour, double wide) {
        svg.el("path", "d", d, "fill", "none", "stroke", colour, "stroke-width", wide, "stroke-linecap", "round");
    }

    /** A height in shares of the depth as it is at a place of this body. */
    private double follow(double x, double share) {
        return o.profile().isPresent() ? o.profile().get().follow(x, share) : share * h;
    }

    private void bar(double x, double wide, String colour) {
        shape(upright(x, false), upright(x + wide, true), colour);
    }

    private void from(double x, double to, String colour) {
        shape(upright(x, false), List.of(new double[] {to, OVER * h}, new double[] {to, -OVER * h}), colour);
    }

    /** An upright edge from the back down, or from the belly up. */
    private List<double[]> upright(double x, boolean up) {
        List<double[]> p = new ArrayList<>();
        double bow = BOW * (follow(x, 1) - follow(x, -1)) / (2 * h);
        for (int i = -2; i <= 2; i++) {
            double v = (up ? -1 : 1) * OVER * i / 2;
            p.add(new double[] {x + bow * (1 - v * v), v * h});
        }
        return p;
    }

    private void stripe(double from, double to, String colour) {
        List<double[]> there = new ArrayList<>();
        List<double[]> back = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double x = -0.02 + 1.04 * i / STEPS;
            there.add(new double[] {x, follow(x, from)});
            back.add(0, new double[] {x, follow(x, to)});
        }
        shape(there, back, colour);
    }

    private void shape(List<double[]> there, List<double[]> back, String colour) {
        double[] turn = back.get(0);
        String d = Curves.move(there.get(0)[0], there.get(0)[1]) + Curves.through(there) + Curves.line(turn[0], turn[1])
                + Curves.through(back) + "Z";
        svg.el("path", "d", d, "fill", colour);
    }

    /** Two rows, each spot of the lower one between two of the upper. */
    private void rows(int n, double r, String colour) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < 2 * n; i++) {
            double x = 0.1 + 0.8 * (i + 0.5) / (2 * n);
            d.append(Curves.move(x, follow(x, i % 2 == 0 ? -ROW : ROW))).append("h.001");
        }
        stroke(d.toString(), colour, 2 * r);
    }

    /** Spots spread evenly by the golden ratio, so that a fish looks the same each time. */
    private void spots(int n, double r, String colour) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < n; i++) {
            double x = 0.12 + 0.74 * (i + 0.5) / n;
            double y = follow(x, 0.92 * (2 * ((i * GOLDEN) % 1) - 1));
            d.append(Curves.move(x, y)).append("h.001");
        }
        stroke(d.toString(), colour, 2 * r);
    }

    private void maze(int n, double width, String colour) {
        for (int i = 0; i < n; i++) {
            double share = -0.8 + 1.6 * i / Math.max(1, n - 1);
            double sway = 0.28 * (i % 2 == 0 ? 1 : -1);
            List<double[]> p = new ArrayList<>();
            for (int k = 0; k <= 10; k++) {
                double x = 0.1 + 0.08 * k;
                p.add(new double[] {x, follow(x, share + 0.5 * sway * (k % 2 == 0 ? -1 : 1))});
            }
            stroke(Curves.move(p.get(0)[0], p.get(0)[1]) + Curves.through(p), colour, width * h * 1.6);
        }
    }
}
