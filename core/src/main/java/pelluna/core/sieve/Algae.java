package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Step;

/** Daily grazers without seaweed. Common practice: a clip daily or every second day. */
final class Algae implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        if (!s.species().diet().algaeDaily() || s.tank().seaweed()) {
            return List.of();
        }
        return List.of(Finding.of(
                RuleName.ALGAE,
                Step.CHOP,
                Figure.of("daily"),
                Figure.of("none"),
                "seaweed",
                "It grazes all day; no seaweed is fed.",
                Remedy.change("algae", "plain seaweed is on a clip at both ends, daily or every second day"),
                s.source("feeding")));
    }
}
