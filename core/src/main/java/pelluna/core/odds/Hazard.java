package pelluna.core.odds;

/** A risk that a fish stands day by day, as what other things there are do to it. */
interface Hazard {
    Fate fate();

    /** Whether it can ever meet this one. */
    boolean concerns(Fish fish);

    /**
     * The hazard of one day: the chance of going on is e to the minus of its sum.
     *
     * @param fish number of the fish in the cast
     */
    double on(int day, int fish, Now now);
}
