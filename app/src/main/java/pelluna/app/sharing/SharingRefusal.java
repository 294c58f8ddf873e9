package pelluna.app.sharing;

import pelluna.app.limits.Refusal;

/** Why a link cannot be made. */
public sealed interface SharingRefusal extends Refusal {
    record TooMany(int most) implements SharingRefusal {}

    record NothingChosen() implements SharingRefusal {}
}
