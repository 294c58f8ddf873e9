package pelluna.core.losses;

import java.util.Optional;
import pelluna.core.behaviour.EventType;
import pelluna.core.units.Statement;

/** Why a cause would fit what the log says of a lost fish. */
public sealed interface Fitting extends Statement {
    /** How many days before the loss; 0 on the day itself. */
    record Ago(int days) implements Fitting {}

    record Jumping(Ago ago) implements Fitting {}

    /** @param level highest test of the week before, mg/L */
    record Stood(BeforeIt.Substance substance, double level) implements Fitting {}

    record StoodAndOthers(BeforeIt.Substance substance, double level, int others) implements Fitting {}

    record Others(int others) implements Fitting {}

    /** @param celsius between the lowest and the highest temperature of three days */
    record TemperatureMoved(double celsius) implements Fitting {}

    /** @param by who did most of it, as its keeper calls it; empty if nobody */
    record Acts(int acts, String by, Optional<HurtNoted> hurt) implements Fitting {}

    record HurtNoted(EventType sign, Ago ago) implements Fitting {}

    record SignSeen(EventType sign, Ago ago) implements Fitting {}

    record RubbedAndFasted() implements Fitting {}

    record CouldSwallow(String eater) implements Fitting {}

    record WasThin(Ago ago, LastMeal last) implements Fitting {}

    record DidNotEat(LastMeal last) implements Fitting {}

    record LastMeal(boolean known, Ago ago) implements Fitting {}

    record JumpsFromIt(boolean missing) implements Fitting {}

    record InQuarantine(int day) implements Fitting {}

    /** Years. */
    record Old(double kept, double lifespan) implements Fitting {}
}
