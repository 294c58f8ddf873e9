package pelluna.core.health;

import pelluna.core.catalogue.Species;
import pelluna.core.units.Step;

/**
 * A fish that does not eat: when to look closer, and when it cannot wait. Pelluna's judgement; a hard feeder gets two
 * days more; a grazer cannot wait one day as long.
 */
public final class Fasting {
    private static final int LOOK = 2;
    private static final int ACT = 4;
    private static final int HARD = 4;

    private Fasting() {}

    /** @param days since it was last seen eating; 0 if today */
    public static Step step(Species s, long days) {
        int shift = s.diet().hard() >= HARD ? 2 : 0;
        return days >= ACT + shift - (s.diet().algaeDaily() ? 1 : 0)
                ? Step.SURGE
                : days >= LOOK + shift ? Step.CHOP : days >= 1 ? Step.RIPPLE : Step.CALM;
    }
}
