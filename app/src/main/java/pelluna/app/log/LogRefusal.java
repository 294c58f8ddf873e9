package pelluna.app.log;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Statement;

/** A line of the log that cannot be so. */
public sealed interface LogRefusal extends Refusal {
    record WhatDidItDo() implements LogRefusal {}

    record NotUnderstood(Statement problem) implements LogRefusal {}

    record LongNote(int most) implements LogRefusal {}

    record InTheFuture() implements LogRefusal {}

    record OutOfRange() implements LogRefusal {}

    record WhichFish() implements LogRefusal {}

    record AboutNoFish() implements LogRefusal {}

    record ToWhom() implements LogRefusal {}

    record ToItself() implements LogRefusal {}

    record ToNobody() implements LogRefusal {}

    record NoLineLeft() implements LogRefusal {}

    record NoWholeNumber(String typed, String of) implements LogRefusal {}
}
