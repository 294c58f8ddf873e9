package pelluna.core.water;

import java.util.ArrayList;
import java.util.List;

/**
 * From the salinity of quarantine to that of the display, in daily steps of specific gravity. Raising is slow, 0.001
 * to 0.002 a
 * day, lowering may be quicker for fish: common practice. Half way in each is Pelluna's judgement.
 */
public final class SalinityRamp {
    public static final double RAISE_A_DAY = 0.0015;
    public static final double LOWER_A_DAY = 0.003;
    /** Closer than a refractometer reads: no step is worth it. */
    private static final double NEAR = 0.0003;

    private SalinityRamp() {}

    /** What to have reached on a day, counted from 1. Specific gravity at 25/25 °C, salinity in g/kg. */
    public record Step(int day, double specificGravity, double salinity) {}

    /** Equal daily steps from one salinity to another, g/kg; empty if they are as good as equal. */
    public static List<Step> between(double fromSalinity, double toSalinity) {
        double from = SeaWater.specificGravity(fromSalinity);
        double to = SeaWater.specificGravity(toSalinity);
        List<Step> steps = new ArrayList<>();
        if (Math.abs(to - from) < NEAR) {
            return steps;
        }
        int days = (int) Math.ceil(Math.abs(to - from) / (to > from ? RAISE_A_DAY : LOWER_A_DAY) - 1e-9);
        for (int day = 1; day <= days; day++) {
            double gravity = from + (to - from) * day / days;
            steps.add(new Step(day, gravity, SeaWater.salinity(gravity)));
        }
        return steps;
    }
}
