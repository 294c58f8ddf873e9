package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

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
                Figure.of(Wanted.DAILY),
                Figure.of(Wanted.NONE),
                Unit.SEAWEED,
                new Reason.GrazesAllDay(),
                Remedy.change("algae", new Condition.SeaweedOnClips()),
                s.source("feeding")));
    }
}
