package pelluna.core.assessment;

import java.util.List;
import java.util.Optional;
import pelluna.core.arrivals.BestSet;
import pelluna.core.arrivals.Schedule;
import pelluna.core.capacity.Capacity;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Tension;

/**
 * Everything that Pelluna says about one plan.
 *
 * @param sieve    one verdict a wish, in the order of the wishes
 * @param tension  every ordered pair, the resident or earlier arrival first
 * @param capacity with the residents and the best set
 * @param arrivals the best set in its best order
 */
public record Assessment(
        Plan plan,
        List<Verdict> sieve,
        List<Tension> tension,
        List<Eaten> eaten,
        Capacity capacity,
        Schedule arrivals,
        BestSet bestSet) {
    /** Said if a search was ended before it was done. */
    public Optional<TimeWasUp> stopped() {
        return arrivals.stopped() || bestSet.stopped() ? Optional.of(new TimeWasUp()) : Optional.empty();
    }
}
