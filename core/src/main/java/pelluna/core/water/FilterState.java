package pelluna.core.water;

/**
 * Nitrogen and bacteria in the water of a tank, each in mg per litre of the system; nitrogen as N.
 *
 * @param ammonia  total ammonia
 * @param onAmmonia bacteria that live on ammonia
 * @param onNitrite bacteria that live on nitrite
 */
public record FilterState(double ammonia, double nitrite, double nitrate, double onAmmonia, double onNitrite) {
    /** What has settled after a long time under a load in mg/L of nitrogen a day. */
    public static FilterState settled(double load, double celsius) {
        Nitrifiers first = Nitrifiers.ofAmmonia(celsius);
        Nitrifiers second = Nitrifiers.ofNitrite(celsius);
        return new FilterState(rest(first), rest(second), 0, first.grownBy(load), second.grownBy(load));
    }

    /** What comes in with live rock or from a bottle, mg/L of bacteria. Pelluna's judgement. */
    private static final double SEED = 0.01;

    /** A new tank, seeded, with a dose of ammonia in mg/L of nitrogen. */
    public static FilterState seeded(double ammonia) {
        return new FilterState(ammonia, 0, 0, SEED, SEED / 4);
    }

    /** The level at which growth just makes up for decay. */
    private static double rest(Nitrifiers n) {
        return n.half() * n.decay() / (n.growth() - n.decay());
    }

    /** With part of the water replaced by water without nitrogen; films stay where they are. */
    public FilterState changed(double share) {
        return new FilterState(
                ammonia * (1 - share), nitrite * (1 - share), nitrate * (1 - share), onAmmonia, onNitrite);
    }

    public FilterState withAmmonia(double level) {
        return new FilterState(level, nitrite, nitrate, onAmmonia, onNitrite);
    }

    public FilterState withNitrite(double level) {
        return new FilterState(ammonia, level, nitrate, onAmmonia, onNitrite);
    }

    double[] toArray() {
        return new double[] {ammonia, nitrite, nitrate, onAmmonia, onNitrite};
    }

    static FilterState of(double[] y) {
        return new FilterState(y[0], y[1], y[2], y[3], y[4]);
    }
}
