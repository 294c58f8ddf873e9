package pelluna.core.sieve;

import java.util.List;

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
                "meals a day",
                "It wants " + needs + " small meals a day; you give " + has + ".",
                Remedy.change("meals", "you feed " + needs + " small meals a day; an automatic feeder helps"),
                s.source("feeding")));
    }
}
