package pelluna.core.units;

/** A length in centimetres. It is shown in the reader's own units, rounded to what can be acted on. */
public record Length(double cm) {}
