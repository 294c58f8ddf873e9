package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Schools;
import pelluna.core.units.Length;
import pelluna.core.units.Unit;

/**
 * The longest straight swim against the least run of the stance. Under 90 % a Chop, under 70 % a Surge: Pelluna's
 * judgement.
 */
final class LeastRun implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        Schools schools = s.species().room().runCm();
        double needs = schools.at(s.stance()) * s.grownShare();
        double has = s.tank().runCm();
        return Setting.shortfall(has, needs, 0.90, 0.70)
                .map(step -> Finding.of(
                                RuleName.LEAST_RUN,
                                step,
                                Figure.of(needs),
                                Figure.of(has),
                                Unit.CM,
                                s.until(new Reason.NeedsRun(new Length(needs), new Length(has))),
                                Remedy.otherTank("run", needs, new Condition.TankWithRun(new Length(needs))),
                                s.source("run"))
                        .disputed(schools))
                .stream()
                .toList();
    }
}
