package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.Hazard;
import pelluna.core.tank.Keeper;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/** Spines, blades, fangs and teeth. The cautions are common practice; Pelluna gives no medical advice. */
final class KeeperSafety implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        if (s.species().hazards().isEmpty()) {
            return List.of();
        }
        List<Hazard> what = s.species().hazards().stream().sorted().toList();
        boolean venom = s.species().hazards().contains(Hazard.VENOMOUS_SPINES);
        Step step = venom && s.tank().keeper() == Keeper.FIRST_YEAR ? Step.CHOP : Step.RIPPLE;
        return List.of(Finding.of(
                RuleName.KEEPER_SAFETY,
                step,
                Figure.of(Wanted.CARE),
                Figure.of(what),
                Unit.HAZARD,
                Caution.about(s.species().hazards()),
                Remedy.change("safety", new Condition.MovedInAContainer()),
                s.source("danger")));
    }
}
