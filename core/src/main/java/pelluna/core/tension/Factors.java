package pelluna.core.tension;

import java.util.List;
import pelluna.core.behaviour.Elsewhere;
import pelluna.core.units.Length;
import pelluna.core.units.Volume;

/**
 * What strengthens or dampens tension. That each of these acts, and in which direction, is common practice; the size of
 * its effect is Pelluna's judgement. All multipliers are above zero, so that no factor ever makes tension out of none.
 */
final class Factors {
    /**
     * Who was there first: first, together, later; and where the ground is dealt anew, nearly as if either came later.
     */
    private static final double TOGETHER = 0.9;

    private static final double LATER = 0.6;
    private static final double ANEW = 0.65;
    /**
     * Relative size, a logistic in ln(Li/Lj): from 0.4 of the effect for a dwarf to 1.3 for a giant; equals fight at
     * 0.85. Size settles
     * matters between rivals; towards a stranger temper decides, and being larger counts by a third.
     */
    private static final double SIZE_LEAST = 0.4;

    private static final double SIZE_SPAN = 0.9;
    private static final double SIZE_SLOPE = 2.2;
    private static final double EQUALS = SIZE_LEAST + SIZE_SPAN / 2;
    private static final double STRANGER_LARGER = 0.35;
    private static final double STRANGER_SMALLER = 0.8;
    /** Room: (net ÷ what both need) to this power, within limits; and the run likewise, weaker. */
    private static final double ROOM_POWER = -0.15;

    private static final double ROOM_POWER_RIVALS = -0.55;
    /** A hunter comes to its prey: so much of what room gives is lost against it. */
    private static final double FOUND_ANYWHERE = 0.7;

    private static final double RUN_POWER = -0.10;
    private static final double CAPTIVE_BRED = 0.9;
    private static final double BOXED = 0.8;

    static final List<Factor> ALL = List.of(
            new Factor(
                    Force.WHO_WAS_FIRST,
                    e -> switch (e.order()) {
                        case AGGRESSOR_FIRST -> 1;
                        case TOGETHER -> TOGETHER;
                        case TARGET_FIRST -> LATER;
                        case ANEW -> ANEW;
                    },
                    e -> new TensionReason.WhoWasFirst(e.order())),
            new Factor(
                    Force.SIZE,
                    Factors::size,
                    e -> new TensionReason.Sizes(new Length(e.aggressorCm()), new Length(e.targetCm()))),
            new Factor(
                    Force.ROOM,
                    Factors::room,
                    e -> new TensionReason.Room(new Volume(e.tank().litres()), new Volume(needed(e)))),
            new Factor(
                    Force.RUN,
                    e -> clamp(Math.pow(e.tank().runCm() / run(e), RUN_POWER * relief(e)), 0.88, 1.06),
                    e -> new TensionReason.Run(new Length(e.tank().runCm()), new Length(run(e)))),
            new Factor(
                    Force.HIDES,
                    e -> 0.8 + 0.4 * Math.exp(-e.tank().hides() / 6.0),
                    e -> new TensionReason.HidesInSight(e.tank().hides())),
            new Factor(
                    Force.SHARED_ATTENTION,
                    e -> 1 / Math.sqrt(e.target().count()),
                    e -> new TensionReason.SharedAttention(e.target().count())),
            new Factor(
                    Force.FEEDING,
                    Factors::feeding,
                    e -> new TensionReason.Feeding(
                            e.tank().mealsADay(), grazer(e), e.tank().seaweed())),
            new Factor(
                    Force.CAPTIVE_BRED,
                    e -> e.aggressor().captiveBred() ? CAPTIVE_BRED : 1,
                    e -> new TensionReason.CaptiveBred(e.aggressor().captiveBred())),
            new Factor(Force.BOX, e -> e.boxed() ? BOXED : 1, e -> new TensionReason.Boxed(e.boxed())),
            new Factor(
                    Force.OWN_RECORD,
                    Factors::record,
                    e -> new TensionReason.SeenHere(e.aggressor().own().seen())),
            new Factor(
                    Force.OTHER_KEEPERS,
                    e -> elsewhere(e).times(aggressor(e), target(e)),
                    e -> TensionReason.OthersSaw.of(
                            elsewhere(e).of(aggressor(e), target(e)).orElseThrow())));

    private Factors() {}

    /** A fish that is only thought of knows nothing of others; whoever of the plan it would meet does. */
    private static Elsewhere elsewhere(Encounter e) {
        Elsewhere own = e.aggressor().elsewhere();
        return own.pairs().isEmpty() ? e.target().elsewhere() : own;
    }

    private static String aggressor(Encounter e) {
        return e.aggressor().species().scientificName();
    }

    private static String target(Encounter e) {
        return e.target().species().scientificName();
    }

    /**
     * What the two need together: the larger need whole and half of the smaller, since they share the open water; up to
     * twice as much for rivals of one genus, by their temper. Common practice: surgeonfish of one genus mix in tanks
     * well
     * over 1000 L.
     */
    private static double needed(Encounter e) {
        double a = e.aggressor().needsLitres();
        double b = e.target().needsLitres();
        return (Math.max(a, b) + Math.min(a, b) / 2) * (1 + 2 * (1 - relief(e)));
    }

    /**
     * Rivals seek each other out in little room and lose sight of each other in much; towards a stranger room says
     * less.
     */
    private static double room(Encounter e) {
        double rivals = Drivers.kinship(e);
        double power = ROOM_POWER + (ROOM_POWER_RIVALS - ROOM_POWER) * rivals;
        return clamp(Math.pow(e.tank().litres() / needed(e), power * relief(e)), 0.38, 1.10 + 0.10 * rivals);
    }

    private static double size(Encounter e) {
        double whole = SIZE_LEAST + SIZE_SPAN / (1 + Math.pow(e.targetCm() / e.aggressorCm(), SIZE_SLOPE));
        double rivals = Drivers.rivalry(e);
        double stranger = whole > EQUALS ? STRANGER_LARGER : STRANGER_SMALLER;
        return EQUALS + (whole - EQUALS) * (stranger + (1 - stranger) * rivals);
    }

    /**
     * Whoever was mild among strangers is not so yet against a rival that nobody has seen it with: there its mildness
     * counts the less,
     * the closer the kin.
     */
    private static double record(Encounter e) {
        double seen = e.aggressor().own().known() ? e.aggressor().own().multiplier() : 1;
        boolean unseen = seen < 1 && !e.target().own().known();
        return unseen ? 1 - (1 - seen) * (1 - Drivers.kinship(e)) : seen;
    }

    /** How far room helps: rivals of one kind or genus seek each other out, the more so the worse their temper. */
    private static double relief(Encounter e) {
        int temper = e.sameSpecies()
                ? e.aggressor().species().manner().ownKind()
                : e.sameGenus() ? e.aggressor().species().manner().genus() : 0;
        return (1 - temper / 10.0) * (1 - FOUND_ANYWHERE * Hunting.share(e));
    }

    private static double run(Encounter e) {
        return Math.max(
                e.aggressor().species().room().runCm().customary(),
                e.target().species().room().runCm().customary());
    }

    /** More meals, less tension: 1.12 at one meal, 1 at two, 0.82 from six on; 1.1 for grazers without seaweed. */
    private static double feeding(Encounter e) {
        int meals = Math.max(1, Math.min(6, e.tank().mealsADay()));
        double byMeals = meals == 1 ? 1.12 : 1 - 0.045 * (meals - 2);
        return byMeals * (grazer(e) && !e.tank().seaweed() ? 1.1 : 1);
    }

    private static boolean grazer(Encounter e) {
        return e.aggressor().species().diet().algaeDaily()
                || e.target().species().diet().algaeDaily();
    }

    private static double clamp(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
