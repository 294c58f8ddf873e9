package pelluna.core.odds;

import org.hipparchus.util.FastMath;

/**
 * Ammonia over what is safe, and too little oxygen at night. The risk of ammonia grows with its square (Pelluna's
 * judgement), through the level at which half are lost in four days.
 */
final class Poisoning implements Hazard {
    /** Risk a day at which half are lost in four. */
    private static final double HALF_IN_FOUR = FastMath.log(2) / 4;

    private final Waters waters;
    private final double ammonia;
    private final double oxygen;

    Poisoning(Cast cast, Rates rates) {
        this.waters = cast.waters();
        this.ammonia = rates.get(Rate.AMMONIA);
        this.oxygen = rates.get(Rate.OXYGEN);
    }

    @Override
    public Fate fate() {
        return Fate.WATER;
    }

    @Override
    public boolean concerns(Fish fish) {
        return ammonia > 0 || oxygen > 0;
    }

    @Override
    public double on(int day, int fish, Now now) {
        double level = ammonia > 0 ? waters.poison(day) / ammonia : 0;
        return HALF_IN_FOUR * level * level + oxygen * waters.breathless(day);
    }
}
