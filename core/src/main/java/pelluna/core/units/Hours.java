package pelluna.core.units;

/** A length of time in hours, such as somebody watched; shown in minutes below one. */
public record Hours(double hours) {}
