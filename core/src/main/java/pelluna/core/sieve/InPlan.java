package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Source;
import pelluna.core.plan.Party;
import pelluna.core.tension.Tension;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/** Findings that only the whole plan can make: who keeps whom out, and who presses whom in the planned order. */
public final class InPlan {
    private static final Source SOURCE = Source.JUDGEMENT;

    private InPlan() {}

    public static Finding keptOutBy(Party other, Statement because) {
        return Finding.of(
                RuleName.COMPANY,
                Step.SURGE,
                Figure.of(Wanted.NOT_TOGETHER),
                Figure.of(other.species()),
                Unit.COMPANY,
                because,
                Remedy.change("instead-of-" + other.id(), new Condition.OtherStaysBehind(other.species())),
                SOURCE);
    }

    /** Nothing if the wish is over the number by itself: then its own finding has said so. */
    public static List<Finding> keptOutByNumber(Verdict alone, Statement because) {
        if (alone.findings().stream().anyMatch(f -> f.rule() == RuleName.CAPACITY && f.blocks())) {
            return List.of();
        }
        return List.of(Finding.of(
                RuleName.CAPACITY,
                Step.CHOP,
                Figure.of(Wanted.ROOM_LEFT),
                Figure.of(Wanted.NONE),
                Unit.NUMBER,
                because,
                Remedy.change("number", new Condition.AnotherStaysBehind()),
                SOURCE));
    }

    /** Other wishes of the same plan that press it, or that it presses, at a Chop or more in the planned order. */
    public static List<Finding> pressedInOrder(Party wish, List<Tension> tension, List<Party> taken) {
        List<Finding> findings = new ArrayList<>();
        for (Tension t : tension) {
            boolean target = t.target().id().equals(wish.id());
            boolean aggressor = t.aggressor().id().equals(wish.id());
            Party other = target ? t.aggressor() : t.target();
            if ((target || aggressor)
                    && t.step().atLeast(Step.CHOP)
                    && taken.stream().anyMatch(p -> p.id().equals(other.id()))) {
                findings.add(Finding.of(
                        RuleName.COMPANY,
                        Step.CHOP,
                        Figure.of(Tension.CHOP_FROM),
                        Figure.of(t.index()),
                        Unit.TENSION,
                        new Reason.PressesInOrder(other.species(), target, Math.round(t.index())),
                        Remedy.change("order-" + other.id(), new Condition.KeepsItsPlace(other.species())),
                        SOURCE));
            }
        }
        return findings;
    }
}
