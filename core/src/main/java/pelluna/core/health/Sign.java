package pelluna.core.health;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import pelluna.core.behaviour.EventType;
import pelluna.core.units.Statement;

/**
 * What a sign on a fish may mean, and what to look at; common practice. No diagnosis and no dose: who treats what is
 * for a vet who knows fish, and for the label.
 */
public final class Sign {
    private static final Set<EventType> SIGNS = EnumSet.of(
            EventType.NOT_EATING,
            EventType.HIDES,
            EventType.TORN_FIN,
            EventType.WOUND,
            EventType.CLOUDY_EYE,
            EventType.SPOTS,
            EventType.FAST_BREATH,
            EventType.RUBS,
            EventType.THIN,
            EventType.ABSENT,
            EventType.JUMPED);

    private Sign() {}

    /** What a sign may mean. */
    public record Meaning(EventType sign) implements Statement {}

    /** What belongs under every sign: that Pelluna names no illness and no dose. */
    public record AskAVet() implements Statement {}

    /** Empty where it is no sign of anything wrong. */
    public static Optional<Meaning> means(EventType sign) {
        return Optional.of(sign).filter(SIGNS::contains).map(Meaning::new);
    }
}
