package pelluna.core.arrivals;

/**
 * A solved order: indices of arrivals in sequence, its price, a bound below which no order can be, and whether it is
 * proved best.
 */
public record Order(int[] sequence, long price, long bound, boolean exact) {}
