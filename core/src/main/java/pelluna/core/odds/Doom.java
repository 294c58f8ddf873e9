package pelluna.core.odds;

/** What is settled for a fish before it comes: the day on which it would be lost by it. */
interface Doom {
    /** After the last day that is played. */
    int NEVER = Integer.MAX_VALUE;

    Fate fate();

    /** Day of the plan, or {@link #NEVER}. */
    int day(Fish fish, Chance luck);
}
