package pelluna.app.account;

import pelluna.app.limits.Refusal;

/** Who may enter a tank may not do everything there. */
public sealed interface AccountRefusal extends Refusal {
    record OnlyToLookAt() implements AccountRefusal {}

    record OnlyTheLog() implements AccountRefusal {}

    record OnlyTheOwner() implements AccountRefusal {}

    record PutAway() implements AccountRefusal {}
}
