package pelluna.core.grounds;

/**
 * The ground that a fish holds, seen from the front: an ellipse with level axes, cm.
 *
 * @param rx half its length, above 0
 * @param ry half its height, above 0
 */
public record Ellipse(double xCm, double yCm, double rx, double ry) {
    /** Strips for the overlap; its error stays below one per cent of the smaller ground. */
    private static final int STRIPS = 48;

    public double area() {
        return Math.PI * rx * ry;
    }

    /**
     * Area of the overlap ÷ area of the smaller of two, 0 to 1, integrated in strips. It never rises with the distance
     * along
     * either axis, since both are convex and even about both axes (Anderson 1955).
     */
    public static double overlap(Ellipse a, Ellipse b) {
        double dx = Math.abs(a.xCm - b.xCm);
        double dy = Math.abs(a.yCm - b.yCm);
        double from = Math.max(-a.rx, dx - b.rx);
        double to = Math.min(a.rx, dx + b.rx);
        if (to <= from || dy >= a.ry + b.ry) {
            return 0;
        }
        double step = (to - from) / STRIPS;
        double area = 0;
        for (int i = 0; i < STRIPS; i++) {
            double x = from + (i + 0.5) * step;
            double high = a.half(x);
            double other = b.half(x - dx);
            area += Math.max(0, Math.min(high, dy + other) - Math.max(-high, dy - other));
        }
        return Math.min(1, area * step / Math.min(a.area(), b.area()));
    }

    private double half(double x) {
        double share = x / rx;
        return share * share >= 1 ? 0 : ry * Math.sqrt(1 - share * share);
    }
}
