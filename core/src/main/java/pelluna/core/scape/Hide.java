package pelluna.core.scape;

/**
 * A hole to get out of sight: cave, crack, pot or shell.
 *
 * @param xCm      middle of its mouth from the left glass, cm
 * @param heightCm middle of its mouth above the floor, cm
 */
public record Hide(double xCm, double heightCm) {}
