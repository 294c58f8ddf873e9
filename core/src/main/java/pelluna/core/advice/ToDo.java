package pelluna.core.advice;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What could be done for a pair, and what it would bring along. */
public sealed interface ToDo extends Statement {
    record BringEarlier(Species fish) implements ToDo {}

    record SendThroughBox(Species fish) implements ToDo {}

    record OneHideMore(Length fromLeft) implements ToDo {}

    /** @param heap from the left, from 1 */
    record MoveHeap(int heap, Length by, boolean left) implements ToDo {}

    record SoMany(Species fish, int count, int instead) implements ToDo {}

    record BuySized(Species fish, boolean larger, Length at) implements ToDo {}

    record TakeInstead(Species fish, Species instead) implements ToDo {}

    record MealsADay(int meals) implements ToDo {}

    record SeaweedDaily() implements ToDo {}

    /** A pair that gets harder by it, to so much of 100. */
    record ButHarder(Species aggressor, Species target, long index) implements ToDo {}

    /** Somebody who comes in by it, and the pair that is hard then. */
    record ButComesIn(List<Species> fresh, Species aggressor, Species target, long index) implements ToDo {}
}
