package pelluna.core.introduction;

import pelluna.core.behaviour.Course;
import pelluna.core.units.Statement;

/** What to do next when fish press each other. */
public sealed interface NextRung extends Statement {
    record TakeOneOut() implements NextRung {}

    record GiveItTime(Intervention measure, int days, int give) implements NextRung {}

    record Helps(Intervention measure, Course did) implements NextRung {}

    record HasHelped(Intervention measure, Course did) implements NextRung {}

    record TryNext(Intervention measure, HowTo how) implements NextRung {}

    /** How a measure is done. */
    record HowTo(Intervention measure) implements NextRung {}

    record AllTried() implements NextRung {}
}
