package pelluna.core.introduction;

import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What stands against a box. */
public sealed interface BoxReason extends Statement {
    /** A side of a box. */
    enum Side {
        LONG,
        WIDE,
        HIGH
    }

    record TooSmall(Side side, Length has, Length needs) implements BoxReason {}

    record TooLarge(Side side, Length has, Length most) implements BoxReason {}
}
