package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.List;

/** The outline of a fin on the back or belly, and the rays in it. */
final class FinShape {
    /** A spine takes up so much of a fin's foot, as a share, and all of them at most so much. */
    private static final double OF_A_SPINE = 0.05;

    private static final double MOST_SPINY = 0.66;
    /** The skin between two spines, by their height. */
    private static final double NOTCH = 0.8;
    /** A fin is rooted so deep in the body, as a share of its edge, so that no gap shows. */
    private static final double ROOT = 0.6;

    /** Steps along the foot in a body that winds. */
    private static final int FOOT = 8;

    private static final double LEAN = 0.35;
    private static final double RAY_EVERY = 0.017;
    private static final double RAY_OUT = 0.97;

    private final Profile body;
    private final FormSpec.FinSpec fin;
    private final double spiny;

    FinShape(Profile body, FormSpec.FinSpec fin) {
        this.body = body;
        this.fin = fin;
        this.spiny = Math.min(MOST_SPINY, fin.spines() * OF_A_SPINE);
    }

    String outline() {
        StringBuilder d =
                new StringBuilder(Curves.move(fin.from() + 0.012, body.follow(fin.from() + 0.012, fin.side() * ROOT)));
        d.append(Curves.line(fin.from(), body.edge(fin.side(), fin.from())));
        for (int k = 0; k < fin.spines(); k++) {
            double t = spiny * k / fin.spines();
            double next = spiny * (k + 0.62) / fin.spines();
            double[] tip = out(t, 1);
            double[] notch = out(next, NOTCH);
            d.append(Curves.line(tip[0], tip[1]))
                    .append("Q")
                    .append(Curves.at((tip[0] + notch[0]) / 2, notch[1]))
                    .append(Curves.at(notch[0], notch[1]));
        }
        List<double[]> soft = new ArrayList<>();
        int steps = Math.max(3, (int) Math.round((1 - spiny) * (fin.heights().length + 1)));
        for (int i = 0; i <= steps; i++) {
            soft.add(out(spiny + (1 - spiny) * i / steps, 1));
        }
        d.append(Curves.line(soft.get(0)[0], soft.get(0)[1])).append(Curves.through(soft));
        d.append(Curves.line(fin.to(), body.edge(fin.side(), fin.to())));
        double end = fin.to() - 0.02;
        d.append(Curves.line(end, body.follow(end, fin.side() * ROOT)));
        if (body.winds()) {
            d.append(Curves.through(foot(end)));
        }
        return d.append('Z').toString();
    }

    /** From its end back to its beginning, within a body that winds. */
    private List<double[]> foot(double end) {
        List<double[]> foot = new ArrayList<>();
        for (int i = 0; i <= FOOT; i++) {
            double x = end + (fin.from() + 0.012 - end) * i / FOOT;
            foot.add(new double[] {x, body.follow(x, fin.side() * ROOT)});
        }
        return foot;
    }

    int side() {
        return fin.side();
    }

    /** How far a place is from its foot, in lengths; 0 over it. */
    double from(double x) {
        return Math.max(0, Math.max(fin.from() - x, x - fin.to()));
    }

    /** Half way up over a place, or where it begins or ends. */
    double middle(double x) {
        double t = Math.max(0, Math.min(1, (x - fin.from()) / (fin.to() - fin.from())));
        return body.edge(fin.side(), x) + fin.side() * 0.5 * height(t);
    }

    /** Lines from the foot to the edge. */
    String rays() {
        StringBuilder d = new StringBuilder();
        for (int k = 0; k < fin.spines(); k++) {
            ray(d, spiny * k / fin.spines(), 1);
        }
        int soft = (int) Math.round((fin.to() - fin.from()) * (1 - spiny) / RAY_EVERY);
        for (int k = 1; k < soft; k++) {
            ray(d, spiny + (1 - spiny) * k / soft, RAY_OUT);
        }
        return d.toString();
    }

    private void ray(StringBuilder d, double t, double share) {
        double x = fin.from() + (fin.to() - fin.from()) * t;
        double[] tip = out(t, share);
        d.append(Curves.stroke(x, body.edge(fin.side(), x), tip[0], tip[1]));
    }

    /** A point of the edge over a place of the foot, 0 to 1, at a share of its height; fins lean backwards. */
    private double[] out(double t, double share) {
        double x = fin.from() + (fin.to() - fin.from()) * t;
        double high = height(t) * share;
        return new double[] {x + LEAN * high, body.edge(fin.side(), x) + fin.side() * high};
    }

    private double height(double t) {
        double[] h = fin.heights();
        double at = t * (h.length - 1);
        int i = Math.min(h.length - 2, (int) at);
        return h[i] + (h[i + 1] - h[i]) * (at - i);
    }
}
