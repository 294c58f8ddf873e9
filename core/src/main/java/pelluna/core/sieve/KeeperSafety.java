package pelluna.core.sieve;

import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.catalogue.Hazard;
import pelluna.core.tank.Keeper;
import pelluna.core.units.Step;

/** Spines, blades, fangs and teeth. The cautions are common practice; Pelluna gives no medical advice. */
final class KeeperSafety implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        if (s.species().hazards().isEmpty()) {
            return List.of();
        }
        String what = s.species().hazards().stream().sorted().map(h -> h.word()).collect(Collectors.joining(", "));
        boolean venom = s.species().hazards().contains(Hazard.VENOMOUS_SPINES);
        Step step = venom && s.tank().keeper() == Keeper.FIRST_YEAR ? Step.CHOP : Step.RIPPLE;
        return List.of(Finding.of(
                RuleName.KEEPER_SAFETY,
                step,
                Figure.of("care"),
                Figure.of(what),
                "hazard",
                Hazard.cautions(s.species().hazards()),
                Remedy.change(
                        "safety",
                        "you move it in a container, never by hand, and know where it is before a hand goes in"),
                s.source("danger")));
    }
}
