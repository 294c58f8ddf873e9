package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Copper;
import pelluna.core.catalogue.Leaning;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/**
 * Fish that often carry something, and no quarantine; fish that few treat with copper, and a copper school; and those
 * of which two
 * schools say different
 * things. Common practice. No doses.
 */
final class Quarantine implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        List<Finding> findings = new ArrayList<>();
        QuarantineSchool school = s.tank().school();
        boolean none = school == QuarantineSchool.NONE || s.tank().quarantinePlaces() == 0;
        if (none && !s.species().health().leanings().isEmpty()) {
            List<Leaning> carries =
                    s.species().health().leanings().stream().sorted().toList();
            findings.add(Finding.of(
                    RuleName.QUARANTINE,
                    Step.CHOP,
                    Figure.of(Wanted.QUARANTINE),
                    Figure.of(Wanted.NONE),
                    Unit.SCHOOL,
                    new Reason.LeansTo(carries),
                    Remedy.change("quarantine", new Condition.ThroughQuarantine()),
                    s.source("leanings")));
        }
        if (!none && school.copper() && s.species().health().copper() == Copper.DISPUTED) {
            findings.add(Finding.of(
                    RuleName.QUARANTINE,
                    Step.RIPPLE,
                    Figure.of(Wanted.YOUR_CHOICE),
                    Figure.of(school),
                    Unit.SCHOOL,
                    new Reason.CopperDisputed(school),
                    Remedy.change("copper", new Condition.CopperChosen()),
                    s.source("copper")));
        }
        if (!none && school.copper() && s.species().health().copper() == Copper.SENSITIVE) {
            findings.add(Finding.of(
                    RuleName.QUARANTINE,
                    Step.CHOP,
                    Figure.of(Wanted.WITHOUT_COPPER),
                    Figure.of(school),
                    Unit.SCHOOL,
                    new Reason.CopperHarms(school),
                    Remedy.change("quarantine", new Condition.WatchedWithoutCopper()),
                    s.source("copper")));
        }
        return findings;
    }
}
