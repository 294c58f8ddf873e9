package pelluna.app.exchange;

import pelluna.app.limits.Refusal;

/** A plan that is not taken in or assessed. */
sealed interface ExchangeRefusal extends Refusal {
    record PlanRefused() implements ExchangeRefusal {}

    record SoManyRuns(int most) implements ExchangeRefusal {}

    record TooManyAtOnce() implements ExchangeRefusal {}
}
