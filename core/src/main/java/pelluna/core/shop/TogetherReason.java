package pelluna.core.shop;

import pelluna.core.tension.Force;
import pelluna.core.units.Statement;

/** What stands between two fish in one bag, without naming them: it completes 'Both: …'. */
public sealed interface TogetherReason extends Statement {
    record Calm() implements TogetherReason {}

    record Eats() implements TogetherReason {}

    /** One presses the other, mainly by this. */
    record Presses(Force by) implements TogetherReason {}

    record TooMany() implements TogetherReason {}

    /** Two of a kind that lives otherwise. */
    record WrongNumber() implements TogetherReason {}
}
