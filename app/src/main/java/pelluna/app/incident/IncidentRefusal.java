package pelluna.app.incident;

import pelluna.app.limits.Refusal;

/** An incident that cannot be so. */
public sealed interface IncidentRefusal extends Refusal {
    record NoName() implements IncidentRefusal {}

    record StillToCome() implements IncidentRefusal {}

    record TooLong(int most) implements IncidentRefusal {}

    record NameGone() implements IncidentRefusal {}

    record DayOutside() implements IncidentRefusal {}

    record TooManyDays(int most) implements IncidentRefusal {}
}
