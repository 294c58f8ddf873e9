package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;

/** Why an arrival stands where it stands in the order. */
public sealed interface Why extends Statement {
    record PlaceByHand() implements Why {}

    record DayByHand(LocalDate day) implements Why {}

    record NoDayBefore(LocalDate wanted, LocalDate on) implements Why {}

    record BeforeChosen(LocalDate first) implements Why {}

    record CycleNotSaid() implements Why {}

    record WantsOlderTank(LocalDate until) implements Why {}

    record WaitsForLeaving(LocalDate until, List<Species> leaving) implements Why {}

    record BacteriaGrow() implements Why {}

    record AfterDelicate(List<Species> other) implements Why {}

    record AfterPressed(List<Species> other, Pressing pressing) implements Why {}

    record BeforeRougher(List<Species> other) implements Why {}

    record BeforePresser(List<Species> other, Pressing pressing) implements Why {}

    /** Tension if the presser came first, and as it is now; 0 to 100. */
    record Pressing(long first, Step firstStep, long now, Step nowStep) implements Why {}

    record RoughestLast() implements Why {}

    record AtOwnRisk() implements Why {}

    record GoodFirst() implements Why {}

    record MattersLittle(boolean smallerFirst) implements Why {}
}
