package pelluna.core.pooled;

/**
 * A chance, and how well it is known.
 *
 * @param mean   above 0, below 1
 * @param spread its variance beside that of a single yes or no, 0 to 1: of a Beta distribution 1 ÷ (a + b + 1)
 */
record Known(double mean, double spread) {
    private static final double MOST = 0.8;

    /** The same for a member of a level whose members differ so much. @param concentration see {@link BetaBinomial} */
    Known member(double concentration) {
        return new Known(mean, Math.min(MOST, spread + 1 / (concentration + 1)));
    }

    /** How many keepers it is worth. */
    double worth() {
        return 1 / spread - 1;
    }

    /** With what was seen. */
    Known seeing(Counts seen) {
        double all = worth() + seen.keepers();
        return new Known((worth() * mean + seen.seen()) / all, 1 / (all + 1));
    }
}
