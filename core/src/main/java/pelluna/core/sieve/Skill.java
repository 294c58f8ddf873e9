package pelluna.core.sieve;

import java.util.List;

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
                "of 4",
                "Keepers call it " + needs + " of 4 in difficulty; a "
                        + s.tank().keeper().word() + " keeper does well up to " + has + ".",
                Remedy.wait("skill", "easier fish have lived well with you for a year first"),
                s.source("skill")));
    }
}
