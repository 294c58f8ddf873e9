package pelluna.core.scape;

import java.util.ArrayList;
import java.util.List;

/**
 * A heap of rock seen from the front: between its two feet the outline runs through points at even steps.
 *
 * @param leftCm    left foot from the left glass, cm
 * @param widthCm   from foot to foot, cm, above 0
 * @param heightsCm heights of the outline above the sand, cm, from left to right, feet left out; 1 to {@value
 * #MOST_POINTS}
 */
public record Rock(double leftCm, double widthCm, List<Double> heightsCm) {
    public static final int MOST_POINTS = 9;

    public Rock {
        heightsCm = List.copyOf(heightsCm);
        if (!(widthCm > 0) || heightsCm.isEmpty() || heightsCm.size() > MOST_POINTS) {
            throw new IllegalArgumentException("a rock needs a width and 1 to " + MOST_POINTS + " heights");
        }
    }

    public double rightCm() {
        return leftCm + widthCm;
    }

    public double highestCm() {
        return heightsCm.stream().mapToDouble(h -> h).max().orElse(0);
    }

    /** From the left glass to a point of the outline. */
    public double xOf(int point) {
        return leftCm + widthCm * (point + 1) / (heightsCm.size() + 1);
    }

    /** Height above the sand at a place, cm; 0 outside its feet, straight between the points. */
    public double heightAt(double xCm) {
        double step = widthCm / (heightsCm.size() + 1);
        double at = (xCm - leftCm) / step;
        if (at <= 0 || at >= heightsCm.size() + 1) {
            return 0;
        }
        int before = (int) Math.floor(at);
        double left = before == 0 ? 0 : heightsCm.get(before - 1);
        double right = before == heightsCm.size() ? 0 : heightsCm.get(before);
        return left + (right - left) * (at - before);
    }

    /** The same heap with its left foot elsewhere. */
    public Rock at(double otherLeftCm) {
        return new Rock(otherLeftCm, widthCm, heightsCm);
    }

    /** The same heap, made wider or narrower from its left foot on. */
    public Rock wide(double otherWidthCm) {
        return new Rock(leftCm, otherWidthCm, heightsCm);
    }

    /** The same heap with one point of its outline higher or lower. */
    public Rock with(int point, double heightCm) {
        List<Double> other = new ArrayList<>(heightsCm);
        other.set(point, heightCm);
        return new Rock(leftCm, widthCm, other);
    }
}
