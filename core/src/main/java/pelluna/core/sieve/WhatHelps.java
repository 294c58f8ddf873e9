package pelluna.core.sieve;

import pelluna.core.units.Statement;

/** A {@link Condition} as a whole sentence, by what it means for the wish. */
public sealed interface WhatHelps extends Statement {
    record FitsIf(Condition condition) implements WhatHelps {}

    record BetterIf(Condition condition) implements WhatHelps {}

    record BetterWith(Condition condition) implements WhatHelps {}

    record WouldNeed(Condition condition) implements WhatHelps {}

    record OutOfReach(Condition condition) implements WhatHelps {}
}
