package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Habit;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

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
        return Finding.of(
                RuleName.REEF_LIFE,
                step,
                Figure.of(Wanted.NONE_KEPT),
                Figure.of(kind),
                Unit.KEPT,
                risk == null && harm == Harm.KNOWN
                        ? new Reason.BuriesWithSand(kind)
                        : new Reason.GoesFor(harm, kind, new Length(spares)),
                remedy(s, kind, harm, spares),
                s.source(risk == null ? "habits" : "reef"));
    }

    private static Remedy remedy(Setting s, ReefLife kind, Harm harm, double spares) {
        String key = "reef-" + kind.word();
        if (spares > 0) {
            return Remedy.change(key, new Condition.LargerThan(kind, new Length(spares)));
        }
        if (harm == Harm.EXPECT) {
            return Remedy.none(key, new Condition.NotWith(kind));
        }
        return Remedy.change(
                key, harm == Harm.KNOWN ? new Condition.WatchedAround(kind) : new Condition.PartedWith(kind));
    }
}
