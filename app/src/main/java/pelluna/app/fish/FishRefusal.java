package pelluna.app.fish;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Statement;

/** Something of one fish that cannot be so. */
public sealed interface FishRefusal extends Refusal {
    record NoWish() implements FishRefusal {}

    record NotSoMany() implements FishRefusal {}

    record IntoWhat() implements FishRefusal {}

    record WhatHappened() implements FishRefusal {}

    record NotMissing() implements FishRefusal {}

    record NotThere() implements FishRefusal {}

    record LongName() implements FishRefusal {}

    record LongShop() implements FishRefusal {}

    record HadLater() implements FishRefusal {}

    record NoLength() implements FishRefusal {}

    record HowMany() implements FishRefusal {}

    record AllNamed() implements FishRefusal {}

    record NoName() implements FishRefusal {}

    record Needed(Statement expected) implements FishRefusal {}
}
