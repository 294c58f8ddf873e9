package pelluna.core.odds;

import org.hipparchus.util.FastMath;
import pelluna.core.plan.Party;
import pelluna.core.units.Convert;

/**
 * Old age after Gompertz (1825): risk grows as e^(5a ÷ L) with the age a and the lifespan L of the catalogue, so
 * that half reach L; that shape is Pelluna's judgement. The age is told from the length at which it came and the
 * time since.
 */
final class Ageing implements Doom {
    private static final double STEEP = 5;
    /** A fish that is grown tells no more of its age than this share of its length does. */
    private static final double TELLS = 0.9;

    private final double times;

    Ageing(Rates rates) {
        this.times = rates.get(Rate.AGES);
    }

    @Override
    public Fate fate() {
        return Fate.OLD_AGE;
    }

    @Override
    public int day(Fish fish, Chance luck) {
        if (times <= 0) {
            return NEVER;
        }
        double lifespan = fish.of().species().size().lifespanYears();
        double steep = STEEP / lifespan;
        double scale = times * FastMath.log(2) / (FastMath.exp(STEEP) - 1);
        double now = FastMath.exp(steep * age(fish.of()));
        double reaches = FastMath.log(now + luck.stands(Draw.AGE.ordinal()) / scale) / steep;
        double days = (reaches - age(fish.of())) * Convert.DAYS_PER_YEAR;
        return days > Cast.DAYS ? NEVER : Math.max(0, fish.from()) + (int) days;
    }

    /** In years, when it is first played. */
    private static double age(Party party) {
        double least = party.species().size().growth().finalCm() * 0.05;
        double tells = Math.min(party.lengthCm(), TELLS * party.growth().finalCm());
        return party.growth().daysUntil(least, tells).orElse(0) / Convert.DAYS_PER_YEAR;
    }
}
