package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.catalogue.Copper;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Step;

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
            String carries = s.species().health().leanings().stream()
                    .sorted(Comparator.naturalOrder())
                    .map(l -> l.word())
                    .collect(Collectors.joining(", "));
            findings.add(Finding.of(
                    RuleName.QUARANTINE,
                    Step.CHOP,
                    Figure.of("quarantine"),
                    Figure.of("none"),
                    "school",
                    "It leans to " + carries + ", and nothing stands between it and your tank.",
                    Remedy.change("quarantine", "it goes through quarantine first"),
                    s.source("leanings")));
        }
        if (!none && school.copper() && s.species().health().copper() == Copper.DISPUTED) {
            findings.add(Finding.of(
                    RuleName.QUARANTINE,
                    Step.RIPPLE,
                    Figure.of("your choice"),
                    Figure.of(school.word()),
                    "school",
                    "Keepers differ: one school gives it copper like everything that comes, the level raised slowly "
                            + "and tested every day; "
                            + "the other watches"
                            + " it for thirty days without. Your school is " + school.plain() + ".",
                    Remedy.change("copper", "you choose one of the two, and treat only by the label or a vet"),
                    s.source("copper")));
        }
        if (!none && school.copper() && s.species().health().copper() == Copper.SENSITIVE) {
            findings.add(Finding.of(
                    RuleName.QUARANTINE,
                    Step.CHOP,
                    Figure.of("without copper"),
                    Figure.of(school.word()),
                    "school",
                    "Few treat it with copper, which harms it more than most; your school is " + school.plain() + ".",
                    Remedy.change(
                            "quarantine",
                            "it is quarantined by watching, without copper; treat only by the label or a vet"),
                    s.source("copper")));
        }
        return findings;
    }
}
