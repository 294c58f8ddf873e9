package pelluna.core.pooled;

/**
 * Keepers of some pairs, each weighed.
 *
 * @param of       keepers
 * @param hard     of them saw hard fights
 * @param expected sum of what had been said of them
 */
record Counts(double of, double hard, double expected) {
    static final Counts NONE = new Counts(0, 0, 0);

    /** @param weight of each of these keepers */
    static Counts of(PairSeen seen, double weight) {
        return new Counts(weight * seen.keepers(), weight * seen.hard(), weight * seen.keepers() * seen.expected());
    }

    Counts and(Counts more) {
        return new Counts(of + more.of, hard + more.hard, expected + more.expected);
    }

    /** Those of others: without some that are among them. */
    Counts without(Counts some) {
        return new Counts(of - some.of, Math.max(0, hard - some.hard), expected - some.expected);
    }

    /** Whether anybody is left to speak of; sums of weights are not exact. */
    boolean any() {
        return of > 1e-6;
    }

    /** What had been said on average, above 0 and below 1. */
    double mean() {
        return expected / of;
    }
}
