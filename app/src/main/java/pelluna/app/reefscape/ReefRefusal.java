package pelluna.app.reefscape;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** A measure that cannot be so. */
public sealed interface ReefRefusal extends Refusal {
    record NoLength(Length such) implements ReefRefusal {}

    record Needed(Statement expected) implements ReefRefusal {}
}
