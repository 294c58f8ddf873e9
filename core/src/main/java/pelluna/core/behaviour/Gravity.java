package pelluna.core.behaviour;

/** How hard an act weighs in pressure: light 1, hard 2, grave 4. Pelluna's judgement. */
public final class Gravity {
    public static final int LEAST = 1;
    public static final int MOST = 3;
    private static final double[] WEIGHTS = {1, 2, 4};

    private Gravity() {}

    /** @throws IllegalArgumentException outside 1 to 3 */
    public static double weight(int gravity) {
        return WEIGHTS[checked(gravity) - 1];
    }

    /** How hard an act is. */
    public enum Degree {
        LIGHT,
        HARD,
        GRAVE
    }

    public static Degree degree(int gravity) {
        return Degree.values()[checked(gravity) - 1];
    }

    private static int checked(int gravity) {
        if (gravity < LEAST || gravity > MOST) {
            throw new IllegalArgumentException("gravity is 1 to 3, not " + gravity);
        }
        return gravity;
    }
}
