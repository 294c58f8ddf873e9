package pelluna.core.search;

import java.util.HashMap;
import java.util.Map;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Living;
import pelluna.core.sieve.Sieve;
import pelluna.core.sieve.Verdict;

/**
 * What the Sieve says of one of each species, bought at its usual size, in a tank with its residents: found when it is
 * first asked for, and kept. For several threads.
 */
public final class Singles {
    /** How much somebody wants a fish who has not said so, 1 to 5. */
    private static final int USUAL_WANT = 3;

    private final Plan plan;
    private final Living living;
    private final Map<Species, Verdict> found = new HashMap<>();

    public Singles(Plan plan) {
        this.plan = plan;
        this.living = new Living(plan);
    }

    public Plan plan() {
        return plan;
    }

    /** O(1) for a species that was asked for before, else O(rules × residents). */
    public synchronized Verdict of(Species s) {
        return found.computeIfAbsent(s, this::sift);
    }

    private Verdict sift(Species s) {
        return Sieve.sift(plan, one(plan, s, "single"), living);
    }

    /** One of a species as shops have it, on the first day of a plan. @param id by which it is told from the others */
    public static Party one(Plan plan, Species s, String id) {
        return new Party(id, s, 1, s.usualShopCm(), plan.startOn(), plan.startOn(), USUAL_WANT, false);
    }
}
