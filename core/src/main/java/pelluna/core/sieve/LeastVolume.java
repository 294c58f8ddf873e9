package pelluna.core.sieve;

import java.util.List;

import pelluna.core.catalogue.Schools;

/** Net water against the least volume of the stance. Under 90 % a Chop, under 75 % a Surge: Pelluna's judgement. */
final class LeastVolume implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        Schools schools = s.species().litresFor(s.wish().count());
        double needs = schools.at(s.stance()) * s.grownShare();
        double has = s.tank().netLitres();
        return Setting.shortfall(has, needs, 0.90, 0.75).map(step -> Finding.of(RuleName.LEAST_VOLUME, step, Figure.of(needs),
            Figure.of(has), "L", s.until() + "This needs " + s.say().volume(needs) + " of water; yours is " + s.say().volume(has) + ".",
            Remedy.otherTank("volume", needs, "a tank of at least " + s.say().volume(needs) + " net"),
            s.source(s.wish().count() >= 3 && s.species().room().groupLitres().isPresent() ? "group-volume" : "volume"))
            .disputed(schools)).stream().toList();
    }
}
