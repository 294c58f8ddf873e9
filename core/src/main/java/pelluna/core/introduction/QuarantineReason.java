package pelluna.core.introduction;

import java.time.LocalDate;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;

/** What stands against a fish's going on from quarantine, or against its company there. */
public sealed interface QuarantineReason extends Statement {
    record DaysToGo(int days, LocalDate until) implements QuarantineReason {}

    record NeverLookedAt() implements QuarantineReason {}

    record NotLookedAtFor(int days) implements QuarantineReason {}

    record NotSeenEating() implements QuarantineReason {}

    record FinsTorn() implements QuarantineReason {}

    record CopperHarms(Species fish) implements QuarantineReason {}

    record DifferentSchools(Species one, Species other) implements QuarantineReason {}

    record CanSwallow(Species eater, Species prey) implements QuarantineReason {}

    record WouldFight(Species one, Species other) implements QuarantineReason {}
}
