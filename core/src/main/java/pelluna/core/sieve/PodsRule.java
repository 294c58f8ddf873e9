package pelluna.core.sieve;

import java.util.List;
import pelluna.core.tank.Pods;
import pelluna.core.units.Step;

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
        String bred = s.species().captiveBred() && !s.wish().captiveBred()
                ? ", or it is captive-bred and seen eating prepared food"
                : "";
        return List.of(Finding.of(
                RuleName.PODS,
                step,
                Figure.of(Pods.values()[needs].word()),
                Figure.of(s.tank().pods().word()),
                "pods",
                "It picks live pods all day; your tank has " + (has == 0 ? "none." : "some, and it wants plenty."),
                Remedy.change("pods", "pods are plentiful, with a refuge that keeps them coming" + bred),
                s.source("feeding")));
    }
}
