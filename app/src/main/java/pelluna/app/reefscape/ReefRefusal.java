package pelluna.app.reefscape;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Length;

/** A measure that cannot be so. */
public sealed interface ReefRefusal extends Refusal {
    record NoLength(Length such) implements ReefRefusal {}

    record Needed(String expected) implements ReefRefusal {}
}
