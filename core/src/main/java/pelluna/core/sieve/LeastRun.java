package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Schools;

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
                                "cm",
                                s.until() + "This needs a " + s.say().length(needs) + " run; yours is "
                                        + s.say().length(has) + ".",
                                Remedy.otherTank(
                                        "run",
                                        needs,
                                        "a tank with a run of at least "
                                                + s.say().length(needs)),
                                s.source("run"))
                        .disputed(schools))
                .stream()
                .toList();
    }
}
