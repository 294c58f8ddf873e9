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
        Party one = new Party("single", s, 1, s.usualShopCm(), plan.startOn(), plan.startOn(), 3, false);
        return Sieve.sift(plan, one, living);
    }
}
