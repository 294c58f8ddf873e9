package pelluna.core.sieve;

import java.util.List;
import pelluna.core.catalogue.Schools;
import pelluna.core.tank.QuotedSize;
import pelluna.core.units.Unit;
import pelluna.core.units.Volume;

/**
 * The glass of the display against the least volume of the stance, to the nearest 5 %: what keepers quote ('180
 * gallons') is the tank
 * by its glass, not the
 * water that is left beside rock and sand. Under 90 % a Chop, under 75 % a Surge: Pelluna's judgement.
 */
final class LeastVolume implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        Schools schools = s.species().litresFor(s.wish().count());
        double needs = schools.at(s.stance()) * s.grownShare();
        double has = s.tank().glassLitres();
        return Setting.shortfall(QuotedSize.share(has, needs), 1, 0.90, 0.75)
                .map(step -> Finding.of(
                                RuleName.LEAST_VOLUME,
                                step,
                                Figure.of(needs),
                                Figure.of(has),
                                Unit.LITRES,
                                s.until(new Reason.NeedsVolume(new Volume(needs), new Volume(has))),
                                Remedy.otherTank("volume", needs, new Condition.TankOf(new Volume(needs))),
                                s.source(
                                        s.wish().count() >= 3
                                                        && s.species()
                                                                .room()
                                                                .groupLitres()
                                                                .isPresent()
                                                ? "group-volume"
                                                : "volume"))
                        .disputed(schools))
                .stream()
                .toList();
    }
}
