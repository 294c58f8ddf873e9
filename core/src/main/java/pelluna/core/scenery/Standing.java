package pelluna.core.scenery;

/**
 * Something that lives in the tank, at its place.
 *
 * @param xCm      its foot from the left foot of its heap, or from the left glass if it is on the sand, cm
 * @param heightCm its foot above the sand, cm
 * @param sizeCm   how large it is, cm across, above 0
 * @param tint     which of the colours of its kind, 0 to 1
 * @param seed     for what is drawn by lot about it
 */
public record Standing(LifeForm form, double xCm, double heightCm, double sizeCm, double tint, long seed) {}
