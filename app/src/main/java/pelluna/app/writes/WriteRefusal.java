package pelluna.app.writes;

import pelluna.app.limits.Refusal;

/** A refusal that no page shows, with what it means for what is kept. */
public sealed interface WriteRefusal extends Refusal {
    record NothingChanged(Refusal why) implements WriteRefusal {}

    record NothingChangedOf(String field, Refusal why) implements WriteRefusal {}

    record ChangedMeanwhile() implements WriteRefusal {}
}
