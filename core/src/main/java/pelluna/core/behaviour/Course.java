package pelluna.core.behaviour;

import pelluna.core.units.Hours;
import pelluna.core.units.Statement;

/** From one watched stretch to another: what became of the acts, and whether that could be chance. */
public sealed interface Course extends Statement {
    record NobodyWatched() implements Course {}

    record NobodyBefore() implements Course {}

    record NobodySince() implements Course {}

    record NothingSeen() implements Course {}

    record NoneSince(Chance chance) implements Course {}

    record NoneBefore(int since, Chance chance) implements Course {}

    record TimesAsMuch(long times, Chance chance) implements Course {}

    record About(Times times, Chance chance) implements Course {}

    /** What stands under it. */
    record Counts(int before, Hours beforeIn, int since, Hours sinceIn) implements Course {}

    /** The exact conditional test of a rate ratio, with its 95 % interval; {@code endless} where that has no end. */
    record InFigures(double ratio, boolean infinite, double low, double high, boolean endless, double p, boolean tiny)
            implements Course {}

    /** How much as a share of before. */
    enum Times {
        TENTH(0.1),
        FIFTH(0.2),
        QUARTER(0.25),
        THIRD(0.333),
        HALF(0.5),
        TWO_THIRDS(0.667),
        THREE_QUARTERS(0.75),
        AS_MUCH(1),
        HALF_AGAIN(1.5),
        TWICE(2),
        THREE_TIMES(3);

        private final double share;

        Times(double share) {
            this.share = share;
        }

        /** The nearest by its logarithm. */
        static Times nearest(double ratio) {
            Times nearest = TENTH;
            for (Times t : values()) {
                nearest = t.away(ratio) < nearest.away(ratio) ? t : nearest;
            }
            return nearest;
        }

        private double away(double ratio) {
            return Math.abs(Math.log(ratio / share));
        }
    }

    /** Whether a change could be chance. */
    enum Chance {
        HARDLY,
        BY_A_LITTLE,
        COULD_BE
    }
}
