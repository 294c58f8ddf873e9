package pelluna.core.introduction;

import pelluna.core.units.Statement;

/** What stands against letting a fish out of the box, or for calling it off. */
public sealed interface GateReason extends Statement {
    record MoreWatches(int more, int needed) implements GateReason {}

    /** Hours that the last watches cover, and that they have to cover. */
    record CoverTooLittle(long hours, long needed) implements GateReason {}

    /** @param watches the last so many */
    record Struck(int strikes, int watches) implements GateReason {}

    record WatchIsOld(long hours) implements GateReason {}

    record NeverSeenEating() implements GateReason {}

    record RefusedLast() implements GateReason {}

    record AteLongAgo(long hours) implements GateReason {}

    record Hurt() implements GateReason {}

    record Fasts(long days) implements GateReason {}

    record StillStruck(long days) implements GateReason {}

    record MayComeOut() implements GateReason {}

    record Waits(GateReason first) implements GateReason {}

    record CalledOff(GateReason first) implements GateReason {}
}
