package pelluna.core.tension;

import java.util.List;

import pelluna.core.units.Measures;

/**
 * What strengthens or dampens tension. That each of these acts, and in which direction, is common practice; the size of
 * its effect is Pelluna's judgement. All multipliers are above zero, so that no factor ever makes tension out of none.
 */
final class Factors {
    /** Who was there first: first, together, later. */
    private static final double TOGETHER = 0.9;
    private static final double LATER = 0.6;
    /** Relative size, a logistic in ln(Li/Lj): from 0.4 of the effect for a dwarf to 1.3 for a giant; equals fight at 0.85. */
    private static final double SIZE_LEAST = 0.4;
    private static final double SIZE_SPAN = 0.9;
    private static final double SIZE_SLOPE = 2.2;
    /** Room: (net ÷ what both need) to this power, within limits; and the run likewise, weaker. */
    private static final double ROOM_POWER = -0.55;
    private static final double RUN_POWER = -0.25;
    private static final double CAPTIVE_BRED = 0.9;
    private static final double BOXED = 0.8;

    static final List<Factor> ALL = List.of(
        new Factor("who was first", e -> switch (e.order()) {
            case AGGRESSOR_FIRST -> 1;
            case TOGETHER -> TOGETHER;
            case TARGET_FIRST -> LATER;
        }, (e, m) -> switch (e.order()) {
            case AGGRESSOR_FIRST -> "It was there first.";
            case TOGETHER -> "They go in together, so nobody owns ground yet.";
            case TARGET_FIRST -> "It comes later, into a tank that is not its own.";
        }),
        new Factor("size", e -> SIZE_LEAST + SIZE_SPAN / (1 + Math.pow(e.targetCm() / e.aggressorCm(), SIZE_SLOPE)),
            (e, m) -> m.length(e.aggressorCm()) + " against " + m.length(e.targetCm()) + "."),
        new Factor("room", e -> clamp(Math.pow(e.tank().netLitres() / needed(e), ROOM_POWER * relief(e)), 0.35, 1.20),
            (e, m) -> m.volume(e.tank().netLitres()) + " for two that need " + m.volume(needed(e)) + "."),
        new Factor("run", e -> clamp(Math.pow(e.tank().runCm() / run(e), RUN_POWER * relief(e)), 0.85, 1.10),
            (e, m) -> "A run of " + m.length(e.tank().runCm()) + " where " + m.length(run(e)) + " is usual."),
        new Factor("hides", e -> 0.8 + 0.4 * Math.exp(-e.tank().hides() / 6.0),
            (e, m) -> e.tank().hides() + " hides to get out of sight."),
        new Factor("shared attention", e -> 1 / Math.sqrt(e.target().count()),
            (e, m) -> e.target().count() == 1 ? "Nobody of its kind to share the attention."
                : e.target().count() + " of a kind share the attention."),
        new Factor("feeding", Factors::feeding, (e, m) -> e.tank().mealsADay() + " meals a day"
            + (grazer(e) ? e.tank().seaweed() ? ", seaweed on offer." : ", no seaweed on offer." : ".")),
        new Factor("captive-bred", e -> e.aggressor().captiveBred() ? CAPTIVE_BRED : 1,
            (e, m) -> e.aggressor().captiveBred() ? "Captive-bred: a little milder." : "Not captive-bred."),
        new Factor("box", e -> e.boxed() ? BOXED : 1,
            (e, m) -> e.boxed() ? "They got used to each other through the box." : "Without the box."),
        new Factor("own record", e -> e.aggressor().own().known() ? e.aggressor().own().multiplier() : 1,
            (e, m) -> "Seen in this tank: it " + e.aggressor().own().says() + "."));

    private Factors() { }

    /**
     * What the two need together: the larger need whole and half of the smaller, since they share the open water; up to
     * twice as much for rivals of one genus, by their temper. Common practice: surgeonfish of one genus mix in tanks well
     * over 1000 L.
     */
    private static double needed(Encounter e) {
        double a = e.aggressor().needsLitres();
        double b = e.target().needsLitres();
        return (Math.max(a, b) + Math.min(a, b) / 2) * (1 + 2 * (1 - relief(e)));
    }

    /** How far room helps: rivals of one kind or genus seek each other out, the more so the worse their temper. */
    private static double relief(Encounter e) {
        int temper = e.sameSpecies() ? e.aggressor().species().manner().ownKind()
            : e.sameGenus() ? e.aggressor().species().manner().genus() : 0;
        return 1 - temper / 10.0;
    }

    private static double run(Encounter e) {
        return Math.max(e.aggressor().species().room().runCm().customary(), e.target().species().room().runCm().customary());
    }

    /** More meals, less tension: 1.12 at one meal, 1 at two, 0.82 from six on; 1.1 for grazers without seaweed. */
    private static double feeding(Encounter e) {
        int meals = Math.max(1, Math.min(6, e.tank().mealsADay()));
        double byMeals = meals == 1 ? 1.12 : 1 - 0.045 * (meals - 2);
        return byMeals * (grazer(e) && !e.tank().seaweed() ? 1.1 : 1);
    }

    private static boolean grazer(Encounter e) {
        return e.aggressor().species().diet().algaeDaily() || e.target().species().diet().algaeDaily();
    }

    private static double clamp(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
