package pelluna.core.behaviour;

import pelluna.core.units.Statement;

/** What the contests among some fish say of their order. */
public sealed interface Order extends Statement {
    /** How steep an order is. */
    enum Steepness {
        STEEP,
        GIVE_AND_TAKE,
        FLAT
    }

    record TooFew(Counted counted) implements Order {}

    record CouldBeChance(Counted counted) implements Order {}

    /** @param unknown whether more than half of the pairs were never seen to meet @param percent that were not */
    record Stands(Steepness steepness, Counted counted, boolean unknown, long percent) implements Order {}

    record Counted(int contests, int fish) implements Order {}
}
