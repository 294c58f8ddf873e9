package pelluna.app.fish;

import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;
import pelluna.core.units.Statement;

/** What Pelluna itself notes in a line of the log; what a keeper writes stands beside it. */
public sealed interface OwnNote extends Statement {
    record Missing() implements OwnNote {}

    record FoundAgain() implements OwnNote {}

    record BackInTheTank() implements OwnNote {}

    /** It changed its sex. */
    record NowOfSex(boolean female) implements OwnNote {}

    /** A group was counted, and some were not there. */
    record Fewer(int fewer) implements OwnNote {}

    record Lost(int count, Cause cause, Sure sure) implements OwnNote {}

    record Gone(int count, Left how) implements OwnNote {}

    /** What was written of its leaving was a slip. */
    record TakenBack(Left how) implements OwnNote {}
}
