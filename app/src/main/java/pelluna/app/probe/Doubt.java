package pelluna.app.probe;

import pelluna.core.units.Statement;

/** Why a reading is not believed. */
sealed interface Doubt extends Statement {
    /** What a probe measures, in °C, g/kg and pH. */
    enum Figure {
        TEMPERATURE,
        SALINITY,
        PH
    }

    record ClockAhead() implements Doubt {}

    record Old(long minutes) implements Doubt {}

    record OutOfRange(Figure figure, double has, double least, double most) implements Doubt {}

    record Jumped(Figure figure, double from, double to) implements Doubt {}
}
