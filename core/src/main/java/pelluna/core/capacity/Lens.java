package pelluna.core.capacity;

import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/** One way to look at how full a tank is: what is used against a limit, both in the same unit. */
public record Lens(String name, double used, double limit, String unit, Step step, String says) {
    public static final String LENGTH = "length-rule";
    public static final String WASTE = "waste";
    public static final String ROOM = "room";

    /** The same with a step no higher than one given. */
    Lens atMost(Step most) {
        return step.compareTo(most) <= 0 ? this : new Lens(name, used, limit, unit, most, says);
    }

    public double share() {
        return used / limit;
    }

    /** What it is called, to begin a sentence. */
    public String title() {
        return switch (name) {
            case WASTE -> byPhosphate() ? "Water, by phosphate" : "Water, by nitrate";
            case "room" -> "Room";
            default -> "Length rule";
        };
    }

    /** Whether it is phosphate, and not nitrate, that is nearer its ceiling. */
    public boolean byPhosphate() {
        return unit.endsWith("phosphate");
    }

    /** What is used, as a figure that can be read. */
    public String figure() {
        return Measures.number(Measures.round(used, byPhosphate() ? 2 : 1));
    }

    /** Up to the limit Calm, a tenth over Ripple, a third over Chop, beyond Surge. Pelluna's judgement. */
    static Step stepOf(double share) {
        return share <= 1 ? Step.CALM : share <= 1.1 ? Step.RIPPLE : share <= 1.33 ? Step.CHOP : Step.SURGE;
    }
}
