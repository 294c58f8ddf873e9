package pelluna.core.tank;

import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/** Figures of a tank that cannot be true together, and what they would have to be. */
public sealed interface Impossible extends Statement {
    record NoCompleteSize() implements Impossible {}

    record SizeOrVolume() implements Impossible {}

    record FullOfRock() implements Impossible {}

    record LessRock() implements Impossible {}

    record Measured(Volume volume) implements Impossible {}

    record NearWhatItHolds(Volume volume) implements Impossible {}
}
