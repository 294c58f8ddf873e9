package pelluna.core.units;

/** A volume in litres. It is shown in the reader's own units, rounded to what can be acted on. */
public record Volume(double litres) {}
