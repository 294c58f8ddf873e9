package pelluna.core.sieve;

import java.util.List;
import pelluna.core.tank.Pods;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/** Live pods for fish that pick all day; a captive-bred fish seen eating needs one step less. Common practice. */
final class PodsRule implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int needs = s.species().diet().pods() - (s.wish().captiveBred() ? 1 : 0);
        int has = s.tank().pods().ordinal();
        if (has >= needs) {
            return List.of();
        }
        Step step = needs - has >= 2 ? Step.SURGE : needs == 2 ? Step.CHOP : Step.RIPPLE;
        boolean orBred = s.species().captiveBred() && !s.wish().captiveBred();
        return List.of(Finding.of(
                RuleName.PODS,
                step,
                Figure.of(Pods.values()[needs]),
                Figure.of(s.tank().pods()),
                Unit.PODS,
                new Reason.PicksPods(has == 0),
                Remedy.change("pods", new Condition.PlentyOfPods(orBred)),
                s.source("feeding")));
    }
}
