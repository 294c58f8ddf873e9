package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Unit;

/** Meals a day against the feeding habit: one too few is a Ripple, two a Chop, more a Surge. Pelluna's judgement. */
final class Meals implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int needs = s.species().diet().mealsADay();
        int has = s.tank().mealsADay();
        if (has >= needs) {
            return List.of();
        }
        return List.of(Finding.of(
                RuleName.MEALS,
                Setting.atMostSurge(needs - has),
                Figure.of(needs),
                Figure.of(has),
                Unit.MEALS_A_DAY,
                new Reason.WantsMeals(needs, has),
                Remedy.change("meals", new Condition.FedADay(needs)),
                s.source("feeding")));
    }
}
