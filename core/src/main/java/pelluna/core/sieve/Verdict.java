package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.plan.Party;
import pelluna.core.units.Named;

/**
 * The outcome for one wish. 'Fits if' names the smallest set of changes that takes away every Chop and Surge; if one of
 * them is out of reach in this tank, it is 'not in this tank'.
 */
public record Verdict(Party wish, Outcome outcome, List<Condition> fitsIf, List<Finding> findings) {
    /** The three outcomes. */
    public enum Outcome implements Named {
        FITS("fits"),
        FITS_IF("fits-if"),
        NOT_IN_THIS_TANK("not-in-this-tank");

        private final String word;

        Outcome(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    static Verdict of(Party wish, List<Finding> findings) {
        Map<String, Remedy> conditions = new LinkedHashMap<>();
        boolean outOfReach = false;
        for (Finding f : findings) {
            if (f.blocks()) {
                conditions.merge(f.remedy().key(), f.remedy(), (a, b) -> a.amount() >= b.amount() ? a : b);
                outOfReach |= !f.remedy().inReach();
            }
        }
        Outcome outcome = outOfReach ? Outcome.NOT_IN_THIS_TANK : conditions.isEmpty() ? Outcome.FITS : Outcome.FITS_IF;
        return new Verdict(
                wish,
                outcome,
                conditions.values().stream().map(Remedy::condition).toList(),
                List.copyOf(findings));
    }

    /** The same verdict with what only the whole plan can tell. */
    public Verdict and(List<Finding> more) {
        List<Finding> all = new ArrayList<>(findings);
        all.addAll(more);
        return of(wish, all);
    }

    /** The finding that the number of its kind is wrong, if that stops it. */
    public Optional<Finding> wrongNumber() {
        return findings.stream()
                .filter(f -> f.rule() == RuleName.GROUP_SIZE && f.blocks())
                .findFirst();
    }

    /** The finding that stops it: on the first mesh that holds it, the most serious. */
    public Optional<Finding> stop() {
        boolean never = outcome == Outcome.NOT_IN_THIS_TANK;
        return findings.stream()
                .filter(Finding::blocks)
                .filter(f -> !never || !f.remedy().inReach())
                .min(Comparator.comparing((Finding f) -> f.rule().mesh())
                        .thenComparing(f -> f.step(), Comparator.reverseOrder()));
    }
}
