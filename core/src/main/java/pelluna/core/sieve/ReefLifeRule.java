package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Habit;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Step;

/** One finding for each kind of life that is kept here and that it endangers. 'Reef safe' is never one word. */
final class ReefLifeRule implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        List<Finding> findings = new ArrayList<>();
        for (ReefLife kind : ReefLife.values()) {
            Harm harm = harm(s.species(), kind);
            if (s.tank().keeps(kind) && harm != Harm.LEAVES_ALONE) {
                findings.add(finding(s, kind, harm));
            }
        }
        return findings;
    }

    /** A digger that drops sand has been known to harm the corals that it falls on. */
    private static Harm harm(Species species, ReefLife kind) {
        Harm written = species.harmTo(kind);
        boolean buried = kind == ReefLife.LARGE_POLYP_CORALS && species.habits().contains(Habit.DROPS_SAND);
        return buried && written == Harm.LEAVES_ALONE ? Harm.KNOWN : written;
    }

    private static Finding finding(Setting s, ReefLife kind, Harm harm) {
        Species.ReefRisk risk = s.species().reefLife().get(kind);
        double spares = risk == null ? 0 : risk.sparesFromCm();
        Step step = Step.values()[harm.ordinal()];
        String does = switch (harm) {
            case LEAVES_ALONE -> "It leaves " + kind.plain() + " alone";
            case KNOWN ->
                risk == null
                        ? "It drops sand, which has been known to bury " + kind.plain()
                        : "It has been known to go for " + kind.plain();
            case OFTEN -> "It often goes for " + kind.plain();
            case EXPECT -> "Expect it to go for " + kind.plain();
        };
        String size = spares > 0 ? "; it tends to spare those over " + s.say().length(spares) : "";
        return Finding.of(
                RuleName.REEF_LIFE,
                step,
                Figure.of("none kept"),
                Figure.of(kind.word()),
                "kept",
                does + size + ".",
                remedy(s, kind, harm, spares),
                s.source(risk == null ? "habits" : "reef"));
    }

    private static Remedy remedy(Setting s, ReefLife kind, Harm harm, double spares) {
        String key = "reef-" + kind.word();
        if (spares > 0) {
            return Remedy.change(
                    key,
                    "your " + kind.plain() + " are larger than " + s.say().length(spares)
                            + ", and you accept the risk");
        }
        if (harm == Harm.EXPECT) {
            return Remedy.none(key, "not with " + kind.plain() + "; it needs a tank without");
        }
        return Remedy.change(
                key,
                harm == Harm.KNOWN
                        ? "you watch it around the " + kind.plain()
                        : "you part with the " + kind.plain() + ", or accept to lose some");
    }
}
