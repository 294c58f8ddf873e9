package pelluna.core.scenery;

import java.util.List;

/**
 * A stone of a heap.
 *
 * @param xCm      its middle from the left foot of the heap, cm
 * @param heightCm its middle above the sand, cm
 * @param rxCm     half its width, cm, above 0
 * @param ryCm     half its height, cm, above 0
 * @param reach    how far its edge goes at even steps all round from the right on, in shares of its radii, 0.5 to 1.4
 * @param kind     which of the ways in which stones are coloured, 0 to 1
 */
public record Stone(double xCm, double heightCm, double rxCm, double ryCm, List<Double> reach, double kind) {
    public Stone {
        reach = List.copyOf(reach);
    }

    /** A corner from the left foot, cm. */
    public double cornerX(int k) {
        return xCm + rxCm * reach.get(k) * Math.cos(angle(k));
    }

    /** A corner above the sand, cm; below zero in it. */
    public double cornerHeight(int k) {
        return heightCm + ryCm * reach.get(k) * Math.sin(angle(k));
    }

    private double angle(int k) {
        return 2 * Math.PI * k / reach.size();
    }
}
