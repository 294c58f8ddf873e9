package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;
import pelluna.core.units.Length;
import pelluna.core.units.Unit;

/**
 * Body lengths in the run when fully grown: a fish that never stops wants five, one that cruises four, others two. That
 * three are too few for a swimmer is common practice, the figures are Pelluna's judgement.
 */
public final class TurningRoom implements Rule {
    /** Body lengths of run that a species wants. */
    public static double bodyLengths(Species species) {
        return switch (species.place().swims()) {
            case NEVER_STOPS -> 5;
            case CRUISES -> 4;
            default -> 2;
        };
    }

    @Override
    public List<Finding> check(Setting s) {
        Swims swims = s.species().place().swims();
        double needs = bodyLengths(s.species());
        double adult = s.wish().adultCm();
        double has = s.tank().runCm() / adult;
        return Setting.shortfall(has, needs, 0.85, 0.6)
                .map(step -> Finding.of(
                        RuleName.TURNING_ROOM,
                        step,
                        Figure.of(needs),
                        Figure.of(has),
                        Unit.BODY_LENGTHS,
                        new Reason.TurnsAfter(new Length(adult), has, swims, needs),
                        Remedy.otherTank("run", needs * adult, new Condition.TankWithRun(new Length(needs * adult))),
                        s.source("adult")))
                .stream()
                .toList();
    }
}
