package pelluna.core.capacity;

import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import pelluna.core.catalogue.Swims;
import pelluna.core.catalogue.Zone;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;
import pelluna.core.units.Rounding;
import pelluna.core.units.Unit;

/**
 * Room as a lens: how much of each part of the tank its fish take when grown, as shares of what there is; the fullest
 * part is the
 * lens. That swimmers need run, holders ground and hiders hides is common practice; how each is counted is Pelluna's
 * judgement.
 */
final class RoomLens {
    /** So deep a tank lets one swimmer pass behind another, cm. */
    private static final double ONE_BEHIND_ANOTHER_CM = 30;
    /**
     * Grounds on the reef may lie over each other by so much, and mostly do, one before another or by day and night.
     */
    private static final double SHARED = 0.5;
    /** Height of a ground against its length, as it is drawn. */
    private static final double FLAT = 0.62;
    /** All fish of the open water together, g per litre. */
    private static final double OPEN_WATER_GRAMS = 1.5;

    private final Tank tank;

    RoomLens(Tank tank) {
        this.tank = tank;
    }

    Lens lens(Collection<Party> fish) {
        return tightest(parts(fish));
    }

    /**
     * Of only those parts of the tank that one of them takes from.
     *
     * @param all shares that all take together
     * @param one that the one takes
     */
    static Lens lens(Map<RoomPart, Double> all, Map<RoomPart, Double> one) {
        Map<RoomPart, Double> parts = new EnumMap<>(all);
        one.forEach((part, takes) -> parts.computeIfPresent(part, (p, share) -> takes > 0 ? share : 0));
        return tightest(parts);
    }

    private static Lens tightest(Map<RoomPart, Double> parts) {
        Map.Entry<RoomPart, Double> fullest =
                parts.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        double used = Rounding.to(1, 100 * fullest.getValue());
        return new Lens(
                LensKind.ROOM,
                used,
                100,
                Unit.PERCENT,
                Lens.stepOf(fullest.getValue()),
                used == 0
                        ? new LensReason.NoRoomTaken()
                        : new LensReason.RoomTaken(fullest.getKey(), Math.round(used)));
    }

    /** Parts of the tank with the share of each that is taken, 0 and up. */
    Map<RoomPart, Double> parts(Collection<Party> fish) {
        double above = tank.frontHeightCm() - tank.sandDepthCm();
        double depth =
                Math.max(1, (tank.widthCm() > 0 ? tank.widthCm() : ONE_BEHIND_ANOTHER_CM) / ONE_BEHIND_ANOTHER_CM);
        Map<RoomPart, Double> parts = new EnumMap<>(RoomPart.class);
        parts.put(
                RoomPart.SWIMMING,
                sum(
                                fish,
                                RoomLens::swimmer,
                                p -> p.count() * p.species().room().runCm().customary() * p.adultCm())
                        / (tank.runCm() * above * depth));
        parts.put(
                RoomPart.OPEN_WATER_BY_MASS,
                sum(fish, p -> p.species().place().zones().contains(Zone.OPEN_WATER), Party::adultGrams)
                        / (OPEN_WATER_GRAMS * tank.netLitres()));
        parts.put(
                RoomPart.REEF_GROUNDS,
                SHARED * sum(fish, holds(Zone.REEF_FACE), p -> ground(p) * FLAT) / (tank.lengthCm() * above * depth));
        parts.put(
                RoomPart.SAND,
                share(
                        sum(fish, holds(Zone.SAND), RoomLens::ground),
                        tank.lengthCm() * (tank.widthCm() > 0 ? tank.widthCm() : tank.frontHeightCm())));
        parts.put(
                RoomPart.HIDES,
                share(
                        sum(
                                fish,
                                p -> p.species().needs().hides() > 0,
                                p -> p.species().needs().hides()),
                        tank.hides()));
        return parts;
    }

    private static double share(double taken, double there) {
        return taken == 0 ? 0 : taken / Math.max(1, there);
    }

    private static double sum(Collection<Party> fish, Predicate<Party> who, ToDoubleFunction<Party> each) {
        return fish.stream().filter(who).mapToDouble(each).sum();
    }

    private static boolean swimmer(Party p) {
        Swims swims = p.species().place().swims();
        return swims == Swims.NEVER_STOPS || swims == Swims.CRUISES;
    }

    /** Holders of ground of whose zones this is the one, or the first of several, that can be fenced. */
    private static Predicate<Party> holds(Zone zone) {
        Set<Zone> flat = EnumSet.of(Zone.SAND, Zone.RUBBLE);
        return p -> p.species().place().holdsGround()
                && (flat.contains(zone)
                        ? flat.containsAll(p.species().place().zones())
                        : p.species().place().zones().contains(zone)
                                && p.species().needs().hides() == 0);
    }

    private static double ground(Party p) {
        double r = p.species().place().groundCm()
                * Math.min(1, p.adultCm() / p.species().size().usualCm());
        return Math.PI * r * r;
    }
}
