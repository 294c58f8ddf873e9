package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/**
 * How hard it is to get eating (1 to 5) against the keeper's years: first-year 2, settled 3, seasoned 4. One over is a
 * Chop, two a Surge. Pelluna's judgement.
 */
final class HardFeeder implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int hard = s.species().diet().hard()
                - (s.wish().captiveBred() && s.species().diet().hard() < 5 ? 1 : 0);
        int has = s.tank().keeper().skill();
        if (hard <= has) {
            return List.of();
        }
        Step step = hard - has >= 2 ? Step.SURGE : Step.CHOP;
        Remedy remedy = step == Step.SURGE
                ? Remedy.none("eating", new Condition.LeftInTheSea())
                : Remedy.change("eating", new Condition.SeenEating());
        return List.of(Finding.of(
                RuleName.HARD_FEEDER,
                step,
                Figure.of(hard),
                Figure.of(has),
                Unit.OF_5,
                new Reason.HardToFeed(
                        hard, s.tank().keeper(), has, s.species().diet().guild()),
                remedy,
                s.source("feeding")));
    }
}
