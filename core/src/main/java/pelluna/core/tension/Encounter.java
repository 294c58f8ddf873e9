package pelluna.core.tension;

import pelluna.core.plan.Party;

/**
 * One fish pressing another in a tank on a day, reduced to what drives and dampens it.
 *
 * @param aggressorCm length of the aggressor on that day
 * @param targetCm    length of the target on that day
 * @param order       who was there first
 * @param boxed       whether the newcomer was first shown to the others in a see-through box
 */
public record Encounter(Party aggressor, double aggressorCm, Party target, double targetCm, Order order, Ground tank,
                        boolean boxed) {

    /** Who was in the tank first, seen from the aggressor. */
    public enum Order {
        AGGRESSOR_FIRST, TOGETHER, TARGET_FIRST;

        public Order reversed() {
            return this == TOGETHER ? this : this == AGGRESSOR_FIRST ? TARGET_FIRST : AGGRESSOR_FIRST;
        }
    }

    /** What of the tank matters: net litres, run in cm, hides, meals a day, seaweed on offer. */
    public record Ground(double netLitres, double runCm, int hides, int mealsADay, boolean seaweed) {
        public static Ground of(pelluna.core.tank.Tank tank) {
            return new Ground(tank.netLitres(), tank.runCm(), tank.hides(), tank.mealsADay(), tank.seaweed());
        }
    }

    boolean sameSpecies() {
        return aggressor.species().scientificName().equals(target.species().scientificName());
    }

    boolean sameGenus() {
        return aggressor.species().genus().equals(target.species().genus());
    }
}
