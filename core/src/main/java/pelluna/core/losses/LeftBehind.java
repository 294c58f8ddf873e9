package pelluna.core.losses;

import pelluna.core.catalogue.SexChange;
import pelluna.core.units.Statement;

/** What a loss makes of a pair, a harem or a shoal. */
public sealed interface LeftBehind extends Statement {
    record OneOfThePair() implements LeftBehind {}

    record NotAloneForLong() implements LeftBehind {}

    record MayLiveOn() implements LeftBehind {}

    record SecondOneYounger() implements LeftBehind {}

    record HaremWithoutMale() implements LeftBehind {}

    record QuarrelUntilOne() implements LeftBehind {}

    record QuarrelsAtTheTop() implements LeftBehind {}

    record HaremSmaller() implements LeftBehind {}

    record MaleMayTurn() implements LeftBehind {}

    record FemaleMayTurn() implements LeftBehind {}

    /** @param change as the catalogue has it */
    record ChangesSex(SexChange change) implements LeftBehind {}

    record FewerThanItWants(int left, int least) implements LeftBehind {}
}
