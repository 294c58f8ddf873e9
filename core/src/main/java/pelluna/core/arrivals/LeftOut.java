package pelluna.core.arrivals;

import java.time.LocalDate;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.LensReason;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/** Why a wish is left out of the best set. */
public sealed interface LeftOut extends Statement {
    record WouldEat(Species eater, Species prey, LocalDate from) implements LeftOut {}

    /** @param index the least that any order comes to, 0 to 100 */
    record SurgeTogether(Species other, long index, Volume glass) implements LeftOut {}

    record OtherAtOwnRisk() implements LeftOut {}

    record OtherWantedMore() implements LeftOut {}

    record OtherWeighsMore() implements LeftOut {}

    record WouldBeOver(LensKind lens, LensReason why) implements LeftOut {}

    record BySchoolItComes(Stance school) implements LeftOut {}

    record NumberReached() implements LeftOut {}
}
