package pelluna.core.sieve;

import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/**
 * A hide for each that needs one, after the residents have taken theirs. None free is a Surge, too few a Chop:
 * Pelluna's judgement.
 */
final class Hides implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int needs = s.species().needs().hides();
        if (needs == 0) {
            return List.of();
        }
        int taken = s.plan().staying().stream().mapToInt(Hides::taken).sum();
        int free = Math.max(0, s.tank().hides() - taken);
        if (free >= needs) {
            return List.of();
        }
        return List.of(Finding.of(
                RuleName.HIDES,
                free == 0 ? Step.SURGE : Step.CHOP,
                Figure.of(needs),
                Figure.of(free),
                Unit.HIDES,
                new Reason.NeedsHides(
                        needs, s.tank().hides(), Math.min(taken, s.tank().hides())),
                Remedy.change("hides", new Condition.MoreHides(needs - free)),
                s.source("hides")));
    }

    private static int taken(Party p) {
        return p.species().needs().hides();
    }
}
