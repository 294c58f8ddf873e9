package pelluna.core.health;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import pelluna.core.behaviour.Doing;
import pelluna.core.units.Statement;

/**
 * What a sign on a fish may mean, and what to look at; common practice. No diagnosis and no dose: who treats what is
 * for a vet who knows fish, and for the label.
 */
public final class Sign {
    private static final Set<Doing> SIGNS = EnumSet.of(
            Doing.NOT_EATING,
            Doing.HIDES,
            Doing.TORN_FIN,
            Doing.WOUND,
            Doing.CLOUDY_EYE,
            Doing.SPOTS,
            Doing.FAST_BREATH,
            Doing.RUBS,
            Doing.THIN,
            Doing.ABSENT,
            Doing.JUMPED);

    private Sign() {}

    /** What a sign may mean. */
    public record Meaning(Doing sign) implements Statement {}

    /** What belongs under every sign: that Pelluna names no illness and no dose. */
    public record AskAVet() implements Statement {}

    /** Empty where it is no sign of anything wrong. */
    public static Optional<Meaning> means(Doing sign) {
        return Optional.of(sign).filter(SIGNS::contains).map(Meaning::new);
    }
}
