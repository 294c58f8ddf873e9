package pelluna.core.tension;

import java.util.Collection;
import pelluna.core.catalogue.Species;
import pelluna.core.grounds.Grounds;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;

/** A tank with those who share it: from here every encounter in it is made, with its surroundings and grounds. */
public record Quarters(Surroundings surroundings, Grounds grounds) {
    public static Quarters of(Tank tank, Collection<Party> company) {
        return new Quarters(Surroundings.of(tank), Grounds.of(tank, company));
    }

    /** The same with one newcomer more, for whom the others do not move. */
    public Quarters joinedBy(Party newcomer) {
        return new Quarters(surroundings, grounds.joinedBy(newcomer));
    }

    /**
     * One pressing another here.
     *
     * @param aggressorCm length of the aggressor on the day, cm
     * @param targetCm    length of the target on the day, cm
     * @param boxed       whether the newcomer of the two goes through the see-through box
     */
    public Encounter meet(
            Party aggressor, double aggressorCm, Party target, double targetCm, Encounter.Order order, boolean boxed) {
        Species.Place one = aggressor.species().place();
        Species.Place other = target.species().place();
        boolean both =
                one.holdsGround() && other.holdsGround() && one.zones().stream().anyMatch(other.zones()::contains);
        return new Encounter(
                aggressor,
                aggressorCm,
                target,
                targetCm,
                order,
                surroundings,
                boxed,
                both ? grounds.overlap(aggressor, aggressorCm, target, targetCm) : 0);
    }
}
