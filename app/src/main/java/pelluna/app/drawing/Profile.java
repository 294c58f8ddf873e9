package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.List;

/** The back and the belly of a body, in lengths: x from the snout, y down from the line between snout and tail. */
final class Profile {
    private final List<double[]> points;
    private final double half;

    /** @param points as {@link FormSpec#body} @param half of the depth, in lengths */
    Profile(List<double[]> points, double half) {
        this.points = points;
        this.half = half;
    }

    double half() {
        return half;
    }

    double end() {
        return points.get(points.size() - 1)[0];
    }

    /** Half the height of the tail's stalk. */
    double stalk() {
        return points.get(points.size() - 1)[1] * half;
    }

    /** Height of the mouth, down. */
    double mouth() {
        return points.get(0)[2] * half;
    }

    /** The edge at a place: −1 the back, 1 the belly. */
    double edge(int side, double x) {
        int column = side < 0 ? 1 : 2;
        double at = Math.max(points.get(0)[0], Math.min(end(), x));
        int i = 0;
        while (i + 2 < points.size() && points.get(i + 1)[0] < at) {
            i++;
        }
        double[] a = points.get(i);
        double[] b = points.get(i + 1);
        double t = (at - a[0]) / (b[0] - a[0]);
        double before = slope(i, column) * (b[0] - a[0]);
        double after = slope(i + 1, column) * (b[0] - a[0]);
        double t2 = t * t;
        double t3 = t2 * t;
        double share = (2 * t3 - 3 * t2 + 1) * a[column]
                + (t3 - 2 * t2 + t) * before
                + (-2 * t3 + 3 * t2) * b[column]
                + (t3 - t2) * after;
        return side * share * half;
    }

    private double slope(int i, int column) {
        double[] a = points.get(Math.max(0, i - 1));
        double[] b = points.get(Math.min(points.size() - 1, i + 1));
        return (b[column] - a[column]) / (b[0] - a[0]);
    }

    /** A height in the body's own measure, −1 the back to 1 the belly, as it is at a place. */
    double follow(double x, double share) {
        double middle = (edge(-1, x) + edge(1, x)) / 2;
        double reach = (edge(1, x) - edge(-1, x)) / 2;
        return middle + share * reach;
    }

    /** Whether its back goes under the line between snout and tail somewhere, as an eel's does. */
    boolean winds() {
        return points.stream().anyMatch(p -> p[1] < 0);
    }

    String path() {
        List<double[]> back = new ArrayList<>();
        List<double[]> belly = new ArrayList<>();
        for (double[] p : points) {
            back.add(new double[] {p[0], -p[1] * half});
            belly.add(0, new double[] {p[0], p[2] * half});
        }
        double[] last = belly.get(0);
        return Curves.move(back.get(0)[0], back.get(0)[1]) + Curves.through(back) + Curves.line(last[0], last[1])
                + Curves.through(belly) + "Z";
    }
}
