package pelluna.core.behaviour;

/**
 * Acts counted over hours that somebody watched.
 *
 * @param acts  0 or more
 * @param hours watched, 0 or more
 */
public record Stretch(int acts, double hours) {
    public static final Stretch NOTHING = new Stretch(0, 0);

    public Stretch {
        if (acts < 0 || !(hours >= 0) || Double.isInfinite(hours)) {
            throw new IllegalArgumentException("acts and hours are 0 or more: " + acts + ", " + hours);
        }
    }

    /** Acts an hour; 0 where nobody watched. */
    public double rate() {
        return hours > 0 ? acts / hours : 0;
    }

    public Stretch and(Stretch other) {
        return new Stretch(acts + other.acts, hours + other.hours);
    }
}
