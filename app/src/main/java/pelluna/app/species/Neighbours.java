package pelluna.app.species;

import java.util.Comparator;
import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.words.Words;

/** Among what a keeper has: with whom a species will not get on, and with whom nothing is expected. */
record Neighbours(List<Finding> trouble, List<String> calm) {
    static Neighbours of(Species s, Plan plan, Words say) {
        List<String> calm = plan.residents().stream()
                .filter(r -> company(
                                s, new Plan(plan.tank(), plan.stance(), plan.startOn(), List.of(r), List.of()), say)
                        .isEmpty())
                .map(r -> say.of(r.species()))
                .distinct()
                .toList();
        return new Neighbours(company(s, plan, say), calm);
    }

    private static List<Finding> company(Species s, Plan plan, Words say) {
        return new Singles(plan)
                .of(s).findings().stream()
                        .filter(f -> f.rule() == RuleName.COMPANY)
                        .sorted(Comparator.comparing(Finding::step).reversed())
                        .toList();
    }

    public boolean alone() {
        return trouble.isEmpty() && calm.isEmpty();
    }
}
