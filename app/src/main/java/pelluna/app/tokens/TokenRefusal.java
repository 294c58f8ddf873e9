package pelluna.app.tokens;

import pelluna.app.limits.Refusal;

/** Why a program gets no token. */
public sealed interface TokenRefusal extends Refusal {
    record TooManyTokens(int most) implements TokenRefusal {}

    record NoName(int longest) implements TokenRefusal {}

    record NoScope() implements TokenRefusal {}
}
