package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.units.Measures;

/**
 * The see-through box inside the tank: as roomy as fits, in sight of the boss. Inside sizes in cm. That it should be
 * roomy and in sight is common
 * practice; body lengths and shares of the tank are Pelluna's judgement.
 */
public record SeeThroughBox(double lengthCm, double widthCm, double heightCm) {
    private static final double LONG = 4;
    private static final double ACROSS = 2;
    private static final double LEAST_CM = 15;
    /** No more of the tank's length, width and water than this. */
    private static final double MOST_LENGTH = 0.4;

    private static final double MOST_WIDTH = 0.6;
    private static final double MOST_HEIGHT = 0.8;

    /** The inside of the tank, cm. @param waterCm height of the water above the sand */
    public record Inside(double lengthCm, double widthCm, double waterCm) {}

    /** The least that suits so many fish of a length, cm. */
    public static SeeThroughBox leastFor(double fishCm, int count) {
        double more = Math.sqrt(Math.max(1, count));
        return new SeeThroughBox(
                Math.max(LEAST_CM, LONG * fishCm * more),
                Math.max(LEAST_CM * 0.7, ACROSS * fishCm * more),
                Math.max(LEAST_CM, ACROSS * fishCm));
    }

    /** What stands against this box for this fish in this tank, in sentences; empty if it suits. */
    public List<String> against(double fishCm, int count, Inside tank, Measures say) {
        SeeThroughBox least = leastFor(fishCm, count);
        List<String> against = new ArrayList<>();
        tooShort(against, "long", lengthCm, least.lengthCm, say);
        tooShort(against, "wide", widthCm, least.widthCm, say);
        tooShort(against, "high", heightCm, least.heightCm, say);
        over(against, "long", lengthCm, MOST_LENGTH * tank.lengthCm(), say);
        over(against, "wide", widthCm, MOST_WIDTH * tank.widthCm(), say);
        over(against, "high", heightCm, MOST_HEIGHT * tank.waterCm(), say);
        return against;
    }

    private static void tooShort(List<String> against, String way, double has, double needs, Measures say) {
        if (has < needs - 0.5) {
            against.add(
                    "It is " + say.length(has) + " " + way + " inside; this fish asks for " + say.length(needs) + ".");
        }
    }

    private static void over(List<String> against, String way, double has, double most, Measures say) {
        if (has > most + 0.5) {
            against.add("It is " + say.length(has) + " " + way + "; more than " + say.length(most)
                    + " takes too much of this tank from the others.");
        }
    }

    /** '24 × 12 × 15 cm'. */
    public String words(Measures say) {
        return Measures.number(say.lengthValue(lengthCm)) + " × " + Measures.number(say.lengthValue(widthCm)) + " × "
                + say.length(heightCm);
    }
}
