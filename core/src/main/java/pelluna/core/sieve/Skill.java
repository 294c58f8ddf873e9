package pelluna.core.sieve;

import java.util.List;
import pelluna.core.units.Unit;

/** Difficulty 1 to 4 against the keeper's years; one over is a Chop, two a Surge. Pelluna's judgement. */
final class Skill implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        int needs = s.species().skill();
        int has = s.tank().keeper().skill();
        if (needs <= has) {
            return List.of();
        }
        return List.of(Finding.of(
                RuleName.SKILL,
                Setting.atMostSurge(needs - has + 1),
                Figure.of(needs),
                Figure.of(has),
                Unit.OF_4,
                new Reason.TooDifficult(needs, s.tank().keeper(), has),
                Remedy.wait("skill", new Condition.EasierFishFirst()),
                s.source("skill")));
    }
}
