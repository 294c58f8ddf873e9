package pelluna.core.crew;

import java.util.List;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** What is told of a clean-up crew. */
public sealed interface CrewAdvice extends Statement {
    record NothingToBuy(int there, int wanted) implements CrewAdvice {}

    record OnlyFood(List<Species> hunters) implements CrewAdvice {}

    /** @param missing to come to the number that is wanted @param lost in a month, as it goes here */
    record Add(int add, int missing, int wanted, int lost) implements CrewAdvice {}

    record LargerThanAMouthful(Length least, List<Species> hunters) implements CrewAdvice {}

    record AsShopsHave(Length about) implements CrewAdvice {}

    record MatchSlowly() implements CrewAdvice {}

    record InAtNight() implements CrewAdvice {}

    record HoleForMoulted() implements CrewAdvice {}

    record EmptyShells() implements CrewAdvice {}

    /** @param spares those from this length on; 0 where it spares none @param safe whether these are as long */
    record MayTake(Party fish, Harm harm, ReefLife life, Length spares, boolean safe) implements CrewAdvice {}
}
