package pelluna.core.tank;

/**
 * Sizes of tanks as they are quoted. Tanks of one name differ by a few per cent, so they compare to the nearest 5 %
 * (Pelluna's
 * judgement).
 */
public final class QuotedSize {
    private static final double STEPS = 20;

    private QuotedSize() {}

    /**
     * What a tank has of a size that it should have, both in litres of the glass, to the nearest 5 %; 1 for as good as
     * all of it.
     */
    public static double share(double has, double needs) {
        return Math.round(has / needs * STEPS) / STEPS;
    }
}
