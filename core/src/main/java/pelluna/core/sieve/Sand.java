package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Length;
import pelluna.core.units.Unit;

/**
 * Sand for fish that sleep, dig or feed in it. Under 90 % of the depth a Chop, under a half a Surge: Pelluna's
 * judgement.
 */
final class Sand implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        double needs = s.species().needs().sandCm();
        double has = s.tank().sandDepthCm();
        return Setting.shortfall(has, needs, 0.9, 0.5)
                .map(step -> Finding.of(
                        RuleName.SAND,
                        step,
                        Figure.of(needs),
                        Figure.of(has),
                        Unit.CM,
                        new Reason.LivesInSand(new Length(needs), new Length(has), has == 0),
                        Remedy.change("sand", new Condition.SandOf(new Length(needs))),
                        s.source("sand")))
                .stream()
                .toList();
    }
}
