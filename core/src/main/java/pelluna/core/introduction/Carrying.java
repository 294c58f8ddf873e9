package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Hazard;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;

/** How to catch a fish and carry it, and what to mind; common practice. */
public final class Carrying {
    private static final Set<Hazard> NEVER_BY_HAND =
            Set.of(Hazard.VENOMOUS_SPINES, Hazard.FANGS, Hazard.STRONG_BITE, Hazard.TAIL_BLADES);

    private Carrying() {}

    /** In sentences, the most important first. */
    public static List<String> cautions(Species s) {
        List<String> cautions = new ArrayList<>();
        boolean danger = s.hazards().stream().anyMatch(NEVER_BY_HAND::contains);
        cautions.add(
                danger
                        ? "Herd it into a container under water and lift it with its water. No net and no hand: "
                                + Hazard.cautions(s.hazards())
                        : s.place().swims() == Swims.PERCHES || s.place().swims() == Swims.HIDES
                                ? "Herd it into a container under water; spines of the cheek and fins snag in a net."
                                : "A container under water is kinder than a net: it costs no slime and no fin.");
        if (s.hazards().contains(Hazard.TAIL_BLADES)) {
            cautions.add("The blades at its tail cut nets, bags and hands.");
        }
        if (s.jumps() > 0) {
            cautions.add("It jumps: cover the container at every step.");
        }
        cautions.add("No quarantine or shop water across: pour it off or lift the fish over. Match temperature and "
                + "salinity first.");
        cautions.add("Unplug what is electric before hands go in; "
                + "no ladder beside an open tank without somebody to hold it.");
        return cautions;
    }
}
