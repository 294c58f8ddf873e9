package pelluna.app.quarantine;

import pelluna.app.limits.Refusal;

/** A stay or a look that cannot be so. */
public sealed interface QuarantineRefusal extends Refusal {
    record NoStay() implements QuarantineRefusal {}

    record NoSalinity(String typed) implements QuarantineRefusal {}
}
