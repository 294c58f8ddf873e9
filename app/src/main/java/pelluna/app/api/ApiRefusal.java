package pelluna.app.api;

import pelluna.app.limits.Refusal;
import pelluna.app.tokens.Scope;

/** Why a program is not answered. */
public sealed interface ApiRefusal extends Refusal {
    record NotThatScope(Scope needed) implements ApiRefusal {}

    record NoJsonObject() implements ApiRefusal {}

    record NoPlainValue(String field) implements ApiRefusal {}

    record LimitOutside(int least, int most) implements ApiRefusal {}
}
