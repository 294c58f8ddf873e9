package pelluna.core.odds;

import pelluna.core.catalogue.Leaning;
import pelluna.core.tank.QuarantineSchool;

/**
 * Illness that comes with a newcomer: whether it carries one, whether quarantine catches it, when it breaks out, whom
 * it kills. That quarantine helps, and in which order its schools do, is common practice; the figures are Pelluna's
 * judgement.
 */
final class Illness {
    /** Who came through an outbreak is safe from the next for so long, days. From memory. */
    static final int IMMUNE = 180;

    private static final double BRED = 1.0 / 3;
    private static final double LEANS = 2.5;
    private static final double MOST = 0.95;
    /** One outbreak in so many is of the kind that kills most. */
    private static final double FAST_SHARE = 0.15;

    private static final double FAST_TIMES = 3.5;
    private static final int FIRST_DAY = 3;
    private static final int BREAKS_OUT_DAYS = 12;
    private static final int DIES_FROM = 4;
    private static final int DIES_DAYS = 21;

    private final double carries;
    private final double slips;
    private final double kills;

    Illness(Rates rates) {
        this.carries = rates.get(Rate.CARRIES);
        this.slips = rates.get(Rate.SLIPS_THROUGH);
        this.kills = rates.get(Rate.OUTBREAK_KILLS);
    }

    /**
     * Day on which the illness of a newcomer and of those bought with it breaks out in the tank, or {@link Doom#NEVER}.
     */
    int breaksOut(Fish newcomer, QuarantineSchool school, Chance luck) {
        double risk = carries * (newcomer.of().captiveBred() ? BRED : 1) * through(school);
        return luck.of(Draw.CARRIES.ordinal()) >= risk
                ? Doom.NEVER
                : newcomer.from() + FIRST_DAY + (int) (BREAKS_OUT_DAYS * luck.of(Draw.BREAKS_OUT.ordinal()));
    }

    /** What a school lets through: all without quarantine, least where treatment is followed by watching. */
    private double through(QuarantineSchool school) {
        double watched = Math.min(1, slips);
        return switch (school) {
            case NONE -> 1;
            case THIRTY_DAYS_WATCH -> watched;
            case TEN_DAYS_COPPER -> Math.min(1, 1.2 * watched);
            case TWO_PLUS_TWO_WEEKS -> 0.5 * watched;
            case THIRTY_DAYS_COPPER_THEN_WATCH -> 0.25 * watched;
        };
    }

    /** Days after an outbreak on which it kills a fish, or {@link Doom#NEVER}. @param luck of this fish in it */
    int dies(Fish fish, Chance bringer, Chance luck) {
        boolean fast = bringer.of(Draw.KIND_OF_ILLNESS.ordinal()) < FAST_SHARE;
        var leanings = fish.of().species().health().leanings();
        boolean leans = leanings.contains(Leaning.MARINE_ICH) || leanings.contains(Leaning.VELVET);
        double risk = Math.min(MOST, kills * (leans ? LEANS : 1) * (fast ? FAST_TIMES : 1));
        return luck.of(0) >= risk ? Doom.NEVER : DIES_FROM + (int) (DIES_DAYS * luck.of(1));
    }
}
