package pelluna.core.tension;

import pelluna.core.behaviour.OwnRecord;
import pelluna.core.behaviour.SeenElsewhere;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Zone;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/** Why one fish presses another as it does: one kind of reason for each {@link Force}. Ratings are 0 to 5. */
public sealed interface TensionReason extends Statement {
    record SameSpecies(int rating) implements TensionReason {}

    record SameGenus(String genus, int rating) implements TensionReason {}

    /** @param coloured whether the colours are alike too */
    record LookAlike(boolean coloured) implements TensionReason {}

    record SameFood(Guild food) implements TensionReason {}

    /** @param percent of the smaller ground that is shared, 1 to 100 */
    record SameGround(long percent, Zone zone) implements TensionReason {}

    /**
     * @param percent     of its own length, up to which it kills
     * @param defenceless whether the other cannot get away
     */
    record Hunts(Harm harm, long percent, boolean defenceless) implements TensionReason {}

    record Temper(double temper, int timid) implements TensionReason {}

    record TakesNewcomersBadly(int rating) implements TensionReason {}

    record PicksOnSmaller(int rating) implements TensionReason {}

    record NipsFins() implements TensionReason {}

    record WhoWasFirst(Encounter.Order order) implements TensionReason {}

    record Sizes(Length aggressor, Length target) implements TensionReason {}

    record Room(Volume has, Volume needs) implements TensionReason {}

    record Run(Length has, Length usual) implements TensionReason {}

    record HidesInSight(int hides) implements TensionReason {}

    record SharedAttention(int count) implements TensionReason {}

    /** @param grazer whether one of the two grazes all day, so that seaweed counts */
    record Feeding(int meals, boolean grazer, boolean seaweed) implements TensionReason {}

    record CaptiveBred(boolean bred) implements TensionReason {}

    record Boxed(boolean boxed) implements TensionReason {}

    record SeenHere(OwnRecord.SeenOfIt seen) implements TensionReason {}

    /** @param percent how much of what is said comes from these keepers, the rest being the model's */
    record OthersSaw(int keepers, int hard, long expected, long percent) implements TensionReason {
        static OthersSaw of(SeenElsewhere seen) {
            return new OthersSaw(
                    seen.keepers(), seen.hard(), Math.round(seen.expected()), Math.round(100 * seen.weight()));
        }
    }
}
