package pelluna.app.probe;

import pelluna.core.units.Statement;

/** Why a probe gave no reading when it was asked. */
sealed interface NoAnswer extends Statement {
    record TooSlow(long seconds) implements NoAnswer {}

    record NobodyThere(String address) implements NoAnswer {}

    /** Pelluna itself was stopped. */
    record Stopped() implements NoAnswer {}

    record Status(int status) implements NoAnswer {}

    record TooLong() implements NoAnswer {}

    record NotReadable() implements NoAnswer {}

    record OfAnotherTime() implements NoAnswer {}

    record NoFigure() implements NoAnswer {}
}
