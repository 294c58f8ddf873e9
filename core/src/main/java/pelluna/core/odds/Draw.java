package pelluna.core.odds;

/** What is drawn for a fish once in a run; its place is the key of its chance. */
enum Draw {
    TEMPER,
    GROWTH,
    TRAVEL,
    TRAVEL_DAY,
    EATS,
    RESERVE,
    AGE,
    CARRIES,
    BREAKS_OUT,
    KIND_OF_ILLNESS
}
