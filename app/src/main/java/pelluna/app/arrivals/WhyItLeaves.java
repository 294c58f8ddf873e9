package pelluna.app.arrivals;

import java.util.Optional;
import pelluna.core.outlook.Event;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/** Why a fish that outgrows its tank leaves it, for a form that is about this fish already. */
sealed interface WhyItLeaves extends Statement {
    record LongerRun(Length run) implements WhyItLeaves {}

    record LargerTank(Volume tank) implements WhyItLeaves {}

    record NoRoomToTurn(double bodyLengths) implements WhyItLeaves {}

    /** Empty for what is no reason to leave. */
    static Optional<WhyItLeaves> of(Event event) {
        if (event instanceof Event.NeedsLongerRun e) {
            return Optional.of(new LongerRun(e.run()));
        }
        if (event instanceof Event.NeedsLargerTank e) {
            return Optional.of(new LargerTank(e.tank()));
        }
        return event instanceof Event.TooShortToTurn e
                ? Optional.of(new NoRoomToTurn(e.bodyLengths()))
                : Optional.empty();
    }
}
