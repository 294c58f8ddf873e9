package pelluna.app.pooled;

import pelluna.app.limits.Refusal;

/** Why a file of figures is not taken. */
sealed interface PooledRefusal extends Refusal {
    record OnlyWhoRunsTheServer() implements PooledRefusal {}

    record NoFigures() implements PooledRefusal {}

    record TooManyPairs(int most) implements PooledRefusal {}

    record HereAlready() implements PooledRefusal {}

    record OwnFile() implements PooledRefusal {}

    /** It was changed after it had been signed, or the signature is none. */
    record WrongSignature() implements PooledRefusal {}
}
