package pelluna.app.drawing;

import static pelluna.app.drawing.Svg.num;

import java.util.List;

/** Lines through points, as the data of a path. */
final class Curves {
    private Curves() {}

    static String at(double x, double y) {
        return bare(fine(x)) + " " + bare(fine(y)) + " ";
    }

    /** Without the nought before its point: a fish has hundreds of them. */
    private static String bare(double value) {
        return num(value).replaceFirst("^(-?)0\\.", "$1.");
    }

    /** A thousandth of a fish's length is finer than any of its pictures. */
    private static double fine(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    static String move(double x, double y) {
        return "M" + at(x, y);
    }

    static String line(double x, double y) {
        return "L" + at(x, y);
    }

    /** A straight line by itself. */
    static String stroke(double x0, double y0, double x1, double y1) {
        return move(x0, y0) + line(x1, y1);
    }

    /**
     * A smooth line through points, from the first on, where the path already is: each piece leaves and reaches its
     * points along the way between their neighbours (Catmull and Rom, 1974).
     */
    static String through(List<double[]> p) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i + 1 < p.size(); i++) {
            double[] a = p.get(Math.max(0, i - 1));
            double[] b = p.get(i);
            double[] c = p.get(i + 1);
            double[] e = p.get(Math.min(p.size() - 1, i + 2));
            d.append('C')
                    .append(at(b[0] + (c[0] - a[0]) / 6, b[1] + (c[1] - a[1]) / 6))
                    .append(at(c[0] - (e[0] - b[0]) / 6, c[1] - (e[1] - b[1]) / 6))
                    .append(at(c[0], c[1]));
        }
        return d.toString();
    }
}
