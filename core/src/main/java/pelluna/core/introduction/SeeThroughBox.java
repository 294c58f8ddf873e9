package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.units.Length;

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

    /** What stands against this box for this fish in this tank; empty if it suits. */
    public List<BoxReason> against(double fishCm, int count, Inside tank) {
        SeeThroughBox least = leastFor(fishCm, count);
        List<BoxReason> against = new ArrayList<>();
        tooShort(against, BoxReason.Side.LONG, lengthCm, least.lengthCm);
        tooShort(against, BoxReason.Side.WIDE, widthCm, least.widthCm);
        tooShort(against, BoxReason.Side.HIGH, heightCm, least.heightCm);
        over(against, BoxReason.Side.LONG, lengthCm, MOST_LENGTH * tank.lengthCm());
        over(against, BoxReason.Side.WIDE, widthCm, MOST_WIDTH * tank.widthCm());
        over(against, BoxReason.Side.HIGH, heightCm, MOST_HEIGHT * tank.waterCm());
        return against;
    }

    private static void tooShort(List<BoxReason> against, BoxReason.Side side, double has, double needs) {
        if (has < needs - 0.5) {
            against.add(new BoxReason.TooSmall(side, new Length(has), new Length(needs)));
        }
    }

    private static void over(List<BoxReason> against, BoxReason.Side side, double has, double most) {
        if (has > most + 0.5) {
            against.add(new BoxReason.TooLarge(side, new Length(has), new Length(most)));
        }
    }
}
