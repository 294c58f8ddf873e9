package pelluna.app.species;

import java.util.ArrayList;
import java.util.List;

import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;

/** Among what a keeper has: with whom a species will not get on, and with whom nothing is expected. */
record Neighbours(List<Finding> trouble, List<String> calm) {
    static Neighbours of(Verdict verdict, Plan plan) {
        List<Finding> trouble = verdict.findings().stream().filter(f -> f.rule() == RuleName.COMPANY)
            .sorted(java.util.Comparator.comparing(Finding::step).reversed()).toList();
        List<String> calm = new ArrayList<>();
        for (Party p : plan.residents()) {
            if (trouble.stream().noneMatch(f -> f.reason().contains(p.species().name()) || f.remedy().text().contains(p.species().name()))) {
                calm.add(p.species().name());
            }
        }
        return new Neighbours(trouble, calm.stream().distinct().toList());
    }

    public boolean alone() {
        return trouble.isEmpty() && calm.isEmpty();
    }
}
