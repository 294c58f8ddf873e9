package pelluna.core.capacity;

import java.time.LocalDate;
import java.util.Collection;
import pelluna.core.catalogue.Guild;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.core.water.SeaWater;

/**
 * What fish ask of their keeper on a day: food, seaweed, meals, salt, and the change of water that would hold the
 * nitrate ceiling.
 *
 * @param foodGrams    dry food put in a month
 * @param sheets       seaweed sheets a week
 * @param meals        a day
 * @param places       feeding places
 * @param changeLitres new salt water a month
 * @param saltKg       salt mix a month, as weighed
 * @param holdsCeiling share of the water at each change that would hold the ceiling, 0 to 1; above a half says that
 * water alone will not do
 */
public record Upkeep(
        double foodGrams,
        double sheets,
        int meals,
        int places,
        double changeLitres,
        double saltKg,
        double holdsCeiling) {
    /**
     * Grazers are offered so many rations as seaweed, of which half drifts off, and need less dry food for it; a sheet
     * weighs so many grams dry. Pelluna's judgement; the sheet from memory.
     */
    private static final double SEAWEED_RATIONS = 2;

    private static final double DRY_FOR_GRAZERS = 0.6;
    private static final double SHEET_GRAMS = 3;
    /**
     * So many mouths to a feeding place, two places where there are grazers: Pelluna's judgement, two clips are common
     * practice.
     */
    private static final int MOUTHS_TO_A_PLACE = 8;

    /** @param nitrateBy waste of this tank, its export set by the test if there is one */
    public static Upkeep of(Tank tank, Collection<Party> fish, LocalDate day, Waste nitrateBy) {
        double feed = feed(fish, day);
        double grazers = feed(
                fish.stream()
                        .filter(p -> p.species().diet().algaeDaily()
                                || p.species().diet().guild() == Guild.GRAZER)
                        .toList(),
                day);
        int mouths = fish.stream().mapToInt(Party::count).sum();
        int places = fish.isEmpty()
                ? 0
                : Math.max(grazers > 0 ? 2 : 1, (int) Math.ceil(mouths / (double) MOUTHS_TO_A_PLACE));
        double litres = tank.changedAWeek() * Convert.DAYS_PER_MONTH / 7;
        int meals = fish.stream()
                .mapToInt(p -> p.species().diet().mealsADay())
                .max()
                .orElse(0);
        return new Upkeep(
                Waste.putIn(feed - (1 - DRY_FOR_GRAZERS) * grazers, tank.mealsADay()) * Convert.DAYS_PER_MONTH,
                SEAWEED_RATIONS * grazers * 7 / SHEET_GRAMS,
                meals,
                places,
                litres,
                SeaWater.mixKg(litres, tank.salinity(), tank.temperatureC()),
                nitrateBy.nitrate(feed).shareFor(tank.nitrateCeiling()));
    }

    private static double feed(Collection<Party> fish, LocalDate day) {
        return fish.stream().mapToDouble(p -> Waste.feed(p, p.lengthOn(day))).sum();
    }
}
