package pelluna.core.tension;

import java.util.EnumSet;
import java.util.Set;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;
import pelluna.core.catalogue.Zone;

/**
 * Fish that kill what they cannot swallow, up to a share of their own length and from the size at which their kind
 * does it. That tusk
 * wrasses,
 * grown coris, triggers and large hogfish do is common practice; the shares and slopes are Pelluna's judgement.
 */
final class Hunting {
    /**
     * It begins at this share of the size at which its kind does it, and is over at the whole limit, whole below this
     * share of it.
     */
    private static final double BEGINS = 0.7;

    private static final double SURE = 0.7;
    /** Slow fish and those of the bottom are caught first; swimmers mostly get away. */
    private static final double SWIMMER = 0.45;

    private static final Set<Zone> BOTTOM = EnumSet.of(Zone.SAND, Zone.RUBBLE, Zone.CAVES);

    private Hunting() {}

    /** How far the aggressor hunts the target at these lengths, 0 to 1; never falls as the aggressor grows. */
    static double share(Encounter e) {
        Species.Kills kills = e.aggressor().species().kills().orElse(null);
        if (kills == null || e.sameGenus()) {
            return 0;
        }
        double grown = clamp((e.aggressorCm() / kills.fromCm() - BEGINS) / (1 - BEGINS));
        double small = clamp((1 - e.targetCm() / (kills.upToShare() * e.aggressorCm())) / (1 - SURE));
        return surely(kills.harm()) * grown * small * defenceless(e.target().species());
    }

    private static double surely(Harm harm) {
        return switch (harm) {
            case LEAVES_ALONE -> 0;
            case KNOWN -> 0.4;
            case OFTEN -> 0.7;
            case EXPECT -> 1;
        };
    }

    /** 1 for fish of the bottom and slow ones that no spine or poison protects, less for swimmers. */
    static double defenceless(Species prey) {
        boolean bottom = prey.place().zones().stream().anyMatch(BOTTOM::contains)
                && prey.place().swims() != Swims.NEVER_STOPS;
        boolean settled = prey.place().swims() != Swims.CRUISES && prey.place().swims() != Swims.NEVER_STOPS;
        return bottom || settled ? 1 : SWIMMER;
    }

    private static double clamp(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
