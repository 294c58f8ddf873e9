package pelluna.core.arrivals;

import java.util.List;
import pelluna.core.plan.Party;

/**
 * Arrivals in order with their days.
 *
 * @param cost  expected tension of the whole order, points; lower is calmer
 * @param bound no order costs less
 * @param exact whether the order is proved best
 * @param stopped whether the search for it was ended before it was done
 */
public record Schedule(List<Dated> steps, double cost, double bound, boolean exact, boolean stopped) {
    /** Of a search that was done. */
    public Schedule(List<Dated> steps, double cost, double bound, boolean exact) {
        this(steps, cost, bound, exact, false);
    }

    /** The same days with some of the parties otherwise; by id. Its cost is that of before. */
    public Schedule with(List<Party> others) {
        return new Schedule(
                steps.stream()
                        .map(d -> d.with(new Arrival(d.arrival().parties().stream()
                                .map(p -> others.stream()
                                        .filter(o -> o.id().equals(p.id()))
                                        .findFirst()
                                        .orElse(p))
                                .toList())))
                        .toList(),
                cost,
                bound,
                exact,
                stopped);
    }
}
