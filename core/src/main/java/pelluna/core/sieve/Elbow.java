package pelluna.core.sieve;

import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Species;

/**
 * Whether fish of a kind that can't stand one another have room to keep apart. That firefish, dwarf angels, gobies and
 * damsels live in
 * threes where
 * a metre of tank would leave one of them is common practice; how much room it takes is Pelluna's judgement.
 */
final class Elbow {
    /** So many times the room that each asks for, and a hide each, make it one step milder; so many times, two. */
    private static final double ONE_STEP = 2;

    private static final double TWO_STEPS = 4;
    /** Kinds that live as a breeding pair drive others off through a larger tank than loners do. */
    private static final double PAIRS = 2.5;

    private Elbow() {}

    /**
     * Steps by which the rule on numbers is milder here: 0, 1 or 2; never fewer in a larger tank or with more hides.
     */
    static int room(Setting s, int count) {
        Species species = s.species();
        if (s.tank().hides() < count * Math.max(1, species.needs().hides())) {
            return 0;
        }
        double each = s.tank().glassLitres() / (count * species.room().litres().customary());
        double asks = species.social().life() == GroupLife.PAIR ? PAIRS : 1;
        return each >= TWO_STEPS * asks ? 2 : each >= ONE_STEP * asks ? 1 : 0;
    }
}
