package pelluna.app.losses;

import pelluna.core.tank.Cover;

/**
 * What was true when a departure was written down; null where nobody knows.
 *
 * @param open       whether the tank could be jumped out of
 * @param quarantine whether it was in quarantine, and not in the tank's water
 * @param boxed      whether it was in the see-through box
 * @param remembered whether it was written down long afterwards, of one that the plan never knew, or knows otherwise
 */
record Circumstances(Cover cover, Boolean open, Boolean quarantine, Boolean boxed, Boolean remembered) {
    static final Circumstances UNKNOWN = new Circumstances(null, null, null, null, null);

    /** @param open null where nobody knows */
    static Circumstances remembered(Boolean open) {
        return new Circumstances(null, open, null, null, true);
    }
}
