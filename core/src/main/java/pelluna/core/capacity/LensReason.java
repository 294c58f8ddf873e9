package pelluna.core.capacity;

import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What a {@link Lens} shows. */
public sealed interface LensReason extends Statement {
    /** @param gallonsPerInch what the rule comes to here, US gallons to an inch of adult fish */
    record InchesOfFish(Length used, Length limit, double gallonsPerInch, boolean ageKnown) implements LensReason {}

    /** Levels at which the water settles once all are grown, mg/L, with their ceilings; whether a test set them. */
    record WaterSettles(double nitrate, double ceiling, double phosphate, double phosphateCeiling, boolean tested)
            implements LensReason {}

    /** @param percent of the fullest part that is taken */
    record RoomTaken(RoomPart part, long percent) implements LensReason {}

    record NoRoomTaken() implements LensReason {}
}
