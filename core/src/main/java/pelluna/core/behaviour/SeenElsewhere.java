package pelluna.core.behaviour;

/**
 * What other keepers saw of one species against another.
 *
 * @param keepers  who had the two together
 * @param hard     of them saw hard fights
 * @param expected how many of them Pelluna had expected
 * @param times    what tension is multiplied by, above 0
 * @param weight   of these keepers in it, 0 to 1; the rest is the model's and that of like pairs
 */
public record SeenElsewhere(int keepers, int hard, double expected, double times, double weight) {
    /** Tension at which two species that nobody expected much of are looked at: nothing can be made out of none. */
    private static final double LEAST_INDEX = 10;
    /** Others' word at most doubles or halves what the model says. Pelluna's judgement. */
    private static final double MOST = 2;

    public SeenElsewhere {
        if (keepers < 1
                || hard < 0
                || hard > keepers
                || !(expected >= 0 && expected <= keepers)
                || !(times > 0 && times <= MOST)
                || !(weight >= 0 && weight <= 1)) {
            throw new IllegalArgumentException("no such figures: " + keepers + ", " + hard + ", " + expected);
        }
    }

    /**
     * By how much tension has to change so that hard fights are as likely as they were seen to be.
     *
     * @param said   chance that the model gives them, above 0 and below 1
     * @param chance that they have with all that is known
     */
    public static double times(double said, double chance) {
        double by = Math.max(LEAST_INDEX, HardFights.index(chance)) / Math.max(LEAST_INDEX, HardFights.index(said));
        return Math.max(1 / MOST, Math.min(MOST, by));
    }
}
