package pelluna.core.scape;

/**
 * Where the longest straight swim lies; its length is the tank's run.
 *
 * @param fromCm   its left end from the left glass, cm
 * @param heightCm above the floor, cm
 */
public record Run(double fromCm, double heightCm) {}
