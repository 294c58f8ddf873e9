package pelluna.core.behaviour;

import org.hipparchus.util.FastMath;

/**
 * How often keepers come to note hard fights between two that live together, by the tension between them: a logistic
 * curve. One in thirty-four at none, one in eleven where Ripple begins, one in three where Chop does, two in three
 * where Surge does. Pelluna's judgement, to be held against what keepers share.
 */
public final class HardFights {
    /** Log-odds at a tension of 0, and for each point of it. */
    private static final double AT_NONE = -3.5;

    private static final double EACH = 0.06;
    private static final double MOST = 100;

    private HardFights() {}

    /** Chance that a keeper notes hard fights of one against the other. @param index tension, 0 to 100 */
    public static double chance(double index) {
        return 1 / (1 + FastMath.exp(-AT_NONE - EACH * index));
    }

    /** The tension at which it is such a chance, 0 to 100. @param chance above 0, below 1 */
    public static double index(double chance) {
        double index = (FastMath.log(chance / (1 - chance)) - AT_NONE) / EACH;
        return FastMath.max(0, FastMath.min(MOST, index));
    }
}
