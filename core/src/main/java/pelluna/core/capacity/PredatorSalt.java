package pelluna.core.capacity;

import java.util.List;
import java.util.stream.Stream;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.core.water.SeaWater;

/**
 * A tank of large predators may be run at a specific gravity of 1.018 to save salt (common practice): who in it can't
 * stand that, and
 * what it does to the
 * salt of a month. Salt is proportional to salinity and to the volume that is changed.
 *
 * @param salinity      of a specific gravity of {@value #GRAVITY}, g/kg
 * @param invertebrates kept here; none of them stands it (common practice)
 * @param fish          kinds in the tank or in the plan that don't keep well so low, by the catalogue
 * @param kgNow         salt mix a month as the tank is run
 * @param kgLow         the same at the low salinity
 * @param kgWeekly      a month of changes of the same size every week, as the tank is run
 * @param kgLowWeekly   the same at the low salinity
 * @param kgFortnightly a month of changes of the same size every two weeks, as the tank is run
 */
public record PredatorSalt(
        double salinity,
        List<ReefLife> invertebrates,
        List<Species> fish,
        double kgNow,
        double kgLow,
        double kgWeekly,
        double kgLowWeekly,
        double kgFortnightly) {
    public static final double GRAVITY = 1.018;
    /** From this length on, with such a mouth, a fish counts as a large predator. Pelluna's judgement. */
    private static final double LARGE_CM = 20;

    private static final double LARGE_MOUTH = 0.25;
    private static final double WEEK = 7;

    /**
     * Whether the question comes up: a large predator lives here or is wished for, and no corals, clams or anemones
     * are kept.
     */
    public static boolean comesUp(Plan plan) {
        return plan.tank().keeps().stream().noneMatch(ReefLife::lightLoving)
                && plan.everybody().stream().anyMatch(p -> predator(p.species()));
    }

    static boolean predator(Species s) {
        return s.size().usualCm() >= LARGE_CM && (s.diet().guild() == Guild.FISH || s.mouthShare() >= LARGE_MOUTH);
    }

    /** @param coming wishes that are in the plan */
    public static PredatorSalt of(Plan plan, List<Party> coming) {
        Tank tank = plan.tank();
        double low = SeaWater.salinity(GRAVITY);
        List<Species> cannot = Stream.concat(plan.staying().stream(), coming.stream())
                .map(Party::species)
                .filter(s -> s.needs().leastSalinity() > low)
                .distinct()
                .toList();
        List<ReefLife> life = tank.keeps().stream().sorted().toList();
        return new PredatorSalt(
                low,
                life,
                cannot,
                kg(tank, tank.salinity(), tank.waterChangeEveryDays()),
                kg(tank, low, tank.waterChangeEveryDays()),
                kg(tank, tank.salinity(), WEEK),
                kg(tank, low, WEEK),
                kg(tank, tank.salinity(), 2 * WEEK));
    }

    private static double kg(Tank tank, double salinity, double everyDays) {
        double litres = tank.netLitres() * tank.waterChangePercent() / 100 * Convert.DAYS_PER_MONTH / everyDays;
        return SeaWater.mixKg(litres, salinity, tank.temperatureC());
    }

    /** Whether all who are here stand it. */
    public boolean allStandIt() {
        return invertebrates.isEmpty() && fish.isEmpty();
    }

    /** Salt mix saved a month, kg; below 0 if the tank is run lower already. */
    public double saved() {
        return kgNow - kgLow;
    }
}
