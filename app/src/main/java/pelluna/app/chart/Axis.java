package pelluna.app.chart;

/** From a value to its share of a side of the chart, 0 to 1 within its range. */
public final class Axis {
    private final double low;
    private final double high;
    private final double bend;

    private Axis(double low, double high, double bend) {
        this.low = low;
        this.high = high > low ? high : low + 1;
        this.bend = bend;
    }

    /** Even. A range without an extent gets one. */
    public static Axis even(double low, double high) {
        return new Axis(low, high, 1);
    }

    /** Stretched at its beginning, as the square root is: where most happens in the first days. */
    public static Axis stretched(double low, double high) {
        return new Axis(low, high, 0.5);
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    /** 0 at its low end and under it, 1 at its high end, more beyond. */
    public double share(double value) {
        return Math.pow(Math.max(0, (value - low) / (high - low)), bend);
    }

    /** Round values from its low end to its high end, about so many: steps of 1, 2 or 5 times a power of ten. */
    public double[] marks(int about) {
        double raw = (high - low) / Math.max(1, about);
        double ten = Math.pow(10, Math.floor(Math.log10(raw)));
        double step = raw > 5 * ten ? 10 * ten : raw > 2 * ten ? 5 * ten : raw > ten ? 2 * ten : ten;
        double first = Math.ceil(low / step - 1e-9) * step;
        int n = (int) Math.floor((high - first) / step + 1e-9) + 1;
        double[] marks = new double[Math.max(0, n)];
        for (int i = 0; i < marks.length; i++) {
            marks[i] = first + i * step;
        }
        return marks;
    }
}
