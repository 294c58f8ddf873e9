package pelluna.core.arrivals;

import java.util.Comparator;
import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;

/** Who stands against a newcomer. */
public final class Rivals {
    private Rivals() {}

    /**
     * Residents who stay, between whom and a newcomer there would be a Chop or more, either way, if it just came in;
     * the hardest first.
     */
    public static List<Party> of(Plan plan, Party newcomer, Quarters quarters) {
        return plan.staying().stream()
                .filter(r -> !r.id().equals(newcomer.id()) && hardest(plan, r, newcomer, quarters) >= Tension.CHOP_FROM)
                .sorted(Comparator.comparingDouble((Party r) -> -hardest(plan, r, newcomer, quarters))
                        .thenComparing(Party.AS_PUT_IN))
                .toList();
    }

    private static double hardest(Plan plan, Party there, Party newcomer, Quarters quarters) {
        double cm = there.lengthOn(plan.startOn());
        return Math.max(
                Tension.index(quarters.meet(
                        there, cm, newcomer, newcomer.lengthCm(), Encounter.Order.AGGRESSOR_FIRST, false)),
                Tension.index(
                        quarters.meet(newcomer, newcomer.lengthCm(), there, cm, Encounter.Order.TARGET_FIRST, false)));
    }
}
