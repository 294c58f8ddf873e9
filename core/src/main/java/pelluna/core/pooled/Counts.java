package pelluna.core.pooled;

/**
 * What some keepers saw, each weighed.
 *
 * @param keepers of pairs, or of a species; who had several counts for each
 * @param seen    how often it was: hard fights, or losses
 * @param base    against which that is held: chances that had been said, or years
 */
record Counts(double keepers, double seen, double base) {
    static final Counts NONE = new Counts(0, 0, 0);

    Counts and(Counts more) {
        return new Counts(keepers + more.keepers, seen + more.seen, base + more.base);
    }

    /** Those of others: without some that are among them. Sums are not exact. */
    Counts without(Counts some) {
        return new Counts(
                Math.max(0, keepers - some.keepers), Math.max(0, seen - some.seen), Math.max(0, base - some.base));
    }

    Counts times(double weight) {
        return new Counts(weight * keepers, weight * seen, weight * base);
    }

    /** Whether anybody is left to speak of. */
    boolean any() {
        return keepers > 1e-6;
    }

    /** What had been said on average. */
    double mean() {
        return base / keepers;
    }
}
