package pelluna.app.crew;

import pelluna.app.limits.Refusal;

/** A crew, or a count of it, that cannot be so. */
public sealed interface CrewRefusal extends Refusal {
    record WhichKind() implements CrewRefusal {}

    record NoWholeNumber() implements CrewRefusal {}

    record NotSoComing() implements CrewRefusal {}

    record OutOfRange() implements CrewRefusal {}

    record NotOnThatDay() implements CrewRefusal {}

    record OnlySoMany(int count) implements CrewRefusal {}
}
