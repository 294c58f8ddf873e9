package pelluna.core.arrivals;

import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;

/**
 * Who is the roughest: by temper, then by grown length. Of orders that cost about the same the one that brings the
 * roughest last is
 * preferred
 * (common practice); what counts as about the same, five in a hundred, is Pelluna's judgement: the model tells no
 * finer.
 */
final class Roughness {
    /**
     * Two orders of a pair whose points differ by less than this share are about the same, and by so many points in
     * any case.
     */
    static final double SAME_SHARE = 0.05;

    static final double SAME_POINTS = 0.5;
    private static final double LENGTHS = 200;

    private Roughness() {}

    /** From 0; temper counts first, length only parts fish of one temper. */
    static double of(Arrival a) {
        return a.parties().stream()
                .map(Party::species)
                .mapToDouble(Roughness::of)
                .max()
                .orElse(0);
    }

    private static double of(Species s) {
        return s.manner().temper() + s.manner().bold() / 10.0 + s.size().usualCm() / LENGTHS;
    }

    /**
     * Points by which the rougher of two is held back, given what the pair costs in either order; less than the model
     * tells apart.
     */
    static double points(Arrival first, Arrival later, double cost, double otherWay) {
        return of(first) > of(later) ? SAME_POINTS + SAME_SHARE * Math.min(cost, otherWay) : 0;
    }
}
