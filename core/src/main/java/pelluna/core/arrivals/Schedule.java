package pelluna.core.arrivals;

import java.util.List;

/**
 * Arrivals in order with their days.
 *
 * @param cost  expected tension of the whole order, points; lower is calmer
 * @param bound no order costs less
 * @param exact whether the order is proved best
 */
public record Schedule(List<Dated> steps, double cost, double bound, boolean exact) { }
