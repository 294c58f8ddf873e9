package pelluna.core.capacity;

import java.time.LocalDate;
import java.util.Collection;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Tank;
import pelluna.core.water.Ammonia;
import pelluna.core.water.Nitrifiers;
import pelluna.core.water.NitrogenCycle;

/** The bacteria of one tank: what fish ask of them and what they carry. Loads in mg of nitrogen per litre and day. */
public record Filter(Tank tank) {
    /**
     * Where nobody said when the cycle ended, nothing is counted on that a cycle may have left. Pelluna's judgement.
     */
    private static final int UNKNOWN_AGE_DAYS = 365;

    /** Load that so much dry food a day more, in g by the ration, puts on them. */
    public double load(double feedGrams) {
        return Waste.PUT_IN * Waste.ammoniaNitrogen(feedGrams) * 1000 / tank.netLitres();
    }

    /**
     * Load of all the food that goes in for fish that need so much together, with what a tank turns over without any:
     * never less than a
     * pinch a meal.
     */
    public double whole(double feedGrams) {
        return NitrogenCycle.BASE_LOAD
                + Waste.ammoniaNitrogen(Waste.putIn(feedGrams, tank.mealsADay())) * 1000 / tank.netLitres();
    }

    /** Load of these fish on a day, with what a tank turns over without any. */
    public double load(Collection<Party> fish, LocalDate day) {
        return whole(
                fish.stream().mapToDouble(p -> Waste.feed(p, p.lengthOn(day))).sum());
    }

    /** Total ammonia nitrogen, mg/L, at which its un-ionised part is all that fish should stand, at a pH. */
    public double safeTotal(double pH) {
        return Ammonia.safeTotal(pH, tank.temperatureC(), tank.salinity());
    }

    /** How many times the load that grew them the bacteria carry before ammonia is more than fish should stand. */
    public double reserve() {
        return Nitrifiers.ofAmmonia(tank.temperatureC()).reserve(safeTotal(Ammonia.USUAL_PH));
    }

    /**
     * Days in which bacteria that have grown under one load come to carry a larger one, while they have all the
     * ammonia that is safe. Loads above 0.
     */
    public double daysToGrow(double from, double to) {
        Nitrifiers n = Nitrifiers.ofAmmonia(tank.temperatureC());
        double level = safeTotal(Ammonia.USUAL_PH);
        return Math.log(to / from) / (n.growth() * level / (n.half() + level) - n.decay());
    }

    /**
     * The load that the bacteria have grown under when a plan starts: that of the residents, or what is left of the
     * cycle's.
     */
    public double standing(Plan plan) {
        double living = load(plan.residents(), plan.startOn());
        double decay = Nitrifiers.ofAmmonia(tank.temperatureC()).decay();
        return plan.fallow().isPresent()
                ? living
                : Math.max(
                        living,
                        NitrogenCycle.CYCLED_LOAD
                                * Math.exp(-decay
                                        * (tank.ageKnown()
                                                ? Math.max(0, tank.ageDays(plan.startOn()))
                                                : UNKNOWN_AGE_DAYS)));
    }
}
