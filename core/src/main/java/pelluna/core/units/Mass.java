package pelluna.core.units;

/** A mass in grams. It is shown in the reader's own units, rounded to what can be acted on. */
public record Mass(double grams) {}
