package pelluna.core.units;

/** Rounding of figures that are kept or compared. */
public final class Rounding {
    private Rounding() {}

    /** Rounds half up to the given number of decimals. */
    public static double to(int decimals, double value) {
        double scale = Math.pow(10, decimals);
        return Math.round(value * scale) / scale;
    }

    /** A number as the open formats write it, without needless zeros: 12, 4.5; at most three decimals. */
    public static String text(double value) {
        double rounded = Math.abs(value) >= 1e9 ? value : to(3, value);
        return rounded == Math.rint(rounded) && Math.abs(rounded) < 1e15
                ? Long.toString((long) rounded)
                : Double.toString(rounded);
    }
}
