package pelluna.core.arrivals;

/**
 * A solved order: indices of arrivals in sequence, its price, a bound below which no order can be, and whether it is
 * proved best.
 *
 * @param stopped whether the search was ended before it was done
 */
public record Order(int[] sequence, long price, long bound, boolean exact, boolean stopped) {
    /** Of a search that was done. */
    public Order(int[] sequence, long price, long bound, boolean exact) {
        this(sequence, price, bound, exact, false);
    }

    /** The same, not proved, of a search that was ended. */
    Order ended() {
        return new Order(sequence, price, bound, false, true);
    }
}
