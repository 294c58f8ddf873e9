package pelluna.core.outlook;

import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;
import pelluna.core.units.Volume;

/** What happens on a day of the plan, without its date. */
public sealed interface Event extends Statement {
    /** @param count how many of them */
    record Arrives(Party fish, int count) implements Event {}

    /** @param why in the keeper's own words; may be empty */
    record Leaves(Party fish, int count, String why) implements Event {}

    record NeedsLongerRun(Species fish, Length run) implements Event {}

    record NeedsLargerTank(Species fish, Volume tank) implements Event {}

    record TooShortToTurn(Species fish, double bodyLengths) implements Event {}

    record AdultColours(Species fish) implements Event {}

    record ComesToPress(Species aggressor, Species target, Step step) implements Event {}

    record CanSwallow(Species eater, Species prey) implements Event {}

    record AllGrown() implements Event {}
}
