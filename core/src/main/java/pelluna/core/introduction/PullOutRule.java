package pelluna.core.introduction;

import pelluna.core.units.Statement;

/** A rule by which a fish has to come out again, met. */
public sealed interface PullOutRule extends Statement {
    record Wounded() implements PullOutRule {}

    record NotEaten(int days) implements PullOutRule {}

    /** Acts an hour. */
    record ChasedWithoutPause(long rate) implements PullOutRule {}

    record HidAtFeedings(int feedings) implements PullOutRule {}
}
