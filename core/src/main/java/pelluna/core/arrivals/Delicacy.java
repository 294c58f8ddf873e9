package pelluna.core.arrivals;

import pelluna.core.catalogue.Leaning;
import pelluna.core.catalogue.Species;

/**
 * How delicate a fish is beside others, from its own facts: hard to get eating, many meals, slow or timid at them,
 * prone to illness,
 * for seasoned
 * keepers. That delicate fish go in before hardy and dominant ones of the same clan or the same food is common
 * practice (powder blue before
 * sailfin-type surgeonfish, butterflies before dwarf angels); the shares and the points are Pelluna's judgement.
 */
final class Delicacy {
    /** Points for the most delicate fish that comes after a wholly dominant one of its clan. */
    private static final double POINTS = 60;
    /** Differences in delicacy below this can't be told apart. */
    private static final double TOLD_APART = 0.08;

    private static final double HARD = 0.35;
    private static final double SKILL = 0.25;
    private static final double TIMID = 0.15;
    private static final double MEALS = 0.10;
    private static final double PACE = 0.10;
    private static final double ILLNESS = 0.05;
    private static final double MOST_MEALS = 5;

    private Delicacy() {}

    /** 0 for a fish that nothing puts off, to 1. */
    static double of(Species s) {
        boolean prone = s.health().leanings().contains(Leaning.VELVET)
                || s.health().leanings().contains(Leaning.URONEMA);
        double pace = switch (s.diet().pace()) {
            case SLOW -> 1;
            case NORMAL -> 0.5;
            case QUICK -> 0;
        };
        return HARD * (s.diet().hard() - 1) / 4
                + SKILL * (s.skill() - 1) / 3
                + TIMID * s.manner().timid() / 5
                + MEALS * Math.min(1, (s.diet().mealsADay() - 1) / (MOST_MEALS - 1))
                + PACE * pace
                + (prone ? ILLNESS : 0);
    }

    /**
     * What it costs, in points, that the first comes before the later: 0 unless the later is the more delicate and the
     * first its rival.
     */
    static double points(Species first, Species later) {
        double more = of(later) - of(first);
        boolean rivals = first.family().equals(later.family())
                || first.diet().guild() == later.diet().guild()
                || first.diet().algaeDaily() && later.diet().algaeDaily();
        boolean itself = first.scientificName().equals(later.scientificName());
        return !rivals || itself || more < TOLD_APART ? 0 : POINTS * more * dominance(first);
    }

    /** 0 to 1. */
    private static double dominance(Species s) {
        return (s.manner().temper() + s.manner().bold()) / 10;
    }
}
