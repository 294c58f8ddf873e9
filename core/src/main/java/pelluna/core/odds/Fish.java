package pelluna.core.odds;

import pelluna.core.plan.Party;

/**
 * One fish of a plan.
 *
 * @param party  number of its party among the {@link Cast}
 * @param key    the same for the same fish of two plans: by its species and which of them it is
 * @param bought day of the plan on which it comes to its keeper; before day 0 for residents
 * @param from   day of the plan on which it comes into the tank; 0 for residents
 * @param until  day on which it is to leave; after the last for those who stay
 */
record Fish(Party of, int party, long key, int bought, int from, int until) {
    boolean resident() {
        return of.resident();
    }

    /** Whether it is in the tank on a day, if it lives. */
    boolean there(int day) {
        return day >= from && day < until;
    }
}
