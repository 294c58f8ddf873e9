package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;

/** Findings that only the whole plan can make: who keeps whom out, and who presses whom in the planned order. */
public final class InPlan {
    private static final String SOURCE = "Pelluna's judgement";

    private InPlan() {}

    public static Finding keptOutBy(Party other, String because) {
        return Finding.of(
                RuleName.COMPANY,
                Step.SURGE,
                Figure.of("not together"),
                Figure.of(other.species().scientificName()),
                "company",
                because,
                Remedy.change(
                        "instead-of-" + other.id(), "the " + other.species().name() + " stays behind instead"),
                SOURCE);
    }

    /** Nothing if the wish is over the number by itself: then its own finding has said so. */
    public static List<Finding> keptOutByNumber(Verdict alone, String because) {
        if (alone.findings().stream().anyMatch(f -> f.rule() == RuleName.CAPACITY && f.blocks())) {
            return List.of();
        }
        return List.of(Finding.of(
                RuleName.CAPACITY,
                Step.CHOP,
                Figure.of("room left"),
                Figure.of("none"),
                "number",
                because,
                Remedy.change("number", "another wish stays behind, or you change more water"),
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
                String name = other.species().name();
                findings.add(Finding.of(
                        RuleName.COMPANY,
                        Step.CHOP,
                        Figure.of(Tension.CHOP_FROM),
                        Figure.of(t.index()),
                        "tension",
                        target
                                ? "In the planned order the " + name + " would press it, about " + Math.round(t.index())
                                        + " of 100."
                                : "In the planned order it would press the " + name + ", about " + Math.round(t.index())
                                        + " of 100.",
                        Remedy.change(
                                "order-" + other.id(),
                                "it keeps its place in the order and the newcomer of the two goes through the box "
                                        + "(with the "
                                        + name + ")"),
                        SOURCE));
            }
        }
        return findings;
    }
}
