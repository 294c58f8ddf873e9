package pelluna.core.units;

/** A temperature in degrees Celsius. It is shown in the reader's own units, rounded to what can be acted on. */
public record Temperature(double celsius) {}
