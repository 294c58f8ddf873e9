package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.Hazard;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;
import pelluna.core.units.Sentences;

/** How to catch a fish and carry it, and what to mind; common practice. */
public final class Carrying {
    private static final Set<Hazard> NEVER_BY_HAND =
            Set.of(Hazard.VENOMOUS_SPINES, Hazard.FANGS, Hazard.STRONG_BITE, Hazard.TAIL_BLADES);

    private Carrying() {}

    /** The most important first. */
    public static List<Sentences> cautions(Species s) {
        List<Sentences> cautions = new ArrayList<>();
        cautions.add(catching(s));
        if (s.hazards().contains(Hazard.TAIL_BLADES)) {
            cautions.add(Sentences.of(new CarryingAdvice.BladesCut()));
        }
        if (s.jumps() > 0) {
            cautions.add(Sentences.of(new CarryingAdvice.CoverTheContainer()));
        }
        cautions.add(Sentences.of(new CarryingAdvice.NoWaterAcross()));
        cautions.add(Sentences.of(new CarryingAdvice.UnplugFirst()));
        return cautions;
    }

    private static Sentences catching(Species s) {
        if (s.hazards().stream().anyMatch(NEVER_BY_HAND::contains)) {
            return Sentences.of(new CarryingAdvice.NoNetNoHand(), Caution.about(s.hazards()));
        }
        Swims swims = s.place().swims();
        return Sentences.of(
                swims == Swims.PERCHES || swims == Swims.HIDES
                        ? new CarryingAdvice.SpinesSnag()
                        : new CarryingAdvice.ContainerIsKinder());
    }
}
