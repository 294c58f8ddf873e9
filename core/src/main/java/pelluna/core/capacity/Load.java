package pelluna.core.capacity;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;

/**
 * What some fish take of a tank when grown; that of more fish is the sum.
 *
 * @param inches    of fish
 * @param feedGrams dry food that they need, g a day
 * @param room      shares of each part of the room, 1 is all of it
 */
public record Load(double inches, double feedGrams, Map<RoomPart, Double> room) {
    public static Load of(Tank tank, Collection<Party> fish) {
        return new Load(LengthRule.inches(fish), Waste.adultFeed(fish), new RoomLens(tank).parts(fish));
    }

    /** Of both together. */
    public Load and(Load more) {
        Map<RoomPart, Double> all = new EnumMap<>(RoomPart.class);
        all.putAll(room);
        more.room.forEach((part, share) -> all.merge(part, share, Double::sum));
        return new Load(inches + more.inches, feedGrams + more.feedGrams, all);
    }
}
