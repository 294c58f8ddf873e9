package pelluna.core.tension;

import pelluna.core.plan.Party;

/**
 * One fish pressing another in a tank on a day, reduced to what drives and dampens it.
 *
 * @param aggressorCm length of the aggressor on that day
 * @param targetCm    length of the target on that day
 * @param order       who was there first
 * @param boxed       whether the newcomer was first shown to the others in a see-through box
 * @param overlap     how far their grounds overlap, 0 to 1 of the smaller; 1 if one has no place of its own
 */
public record Encounter(
        Party aggressor,
        double aggressorCm,
        Party target,
        double targetCm,
        Order order,
        Surroundings tank,
        boolean boxed,
        double overlap) {

    /** Who was in the tank first, seen from the aggressor. */
    public enum Order {
        AGGRESSOR_FIRST,
        TOGETHER,
        TARGET_FIRST,
        /** Both were out, rock was moved, and both came back on one day: the ground is dealt anew. */
        ANEW;

        public Order reversed() {
            return this == TOGETHER || this == ANEW ? this : this == AGGRESSOR_FIRST ? TARGET_FIRST : AGGRESSOR_FIRST;
        }
    }

    /** The same two on the same day, seen from the other. */
    public Encounter reversed() {
        return new Encounter(target, targetCm, aggressor, aggressorCm, order.reversed(), tank, boxed, overlap);
    }

    boolean sameSpecies() {
        return aggressor.species().scientificName().equals(target.species().scientificName());
    }

    boolean sameGenus() {
        return aggressor.species().genus().equals(target.species().genus());
    }
}
