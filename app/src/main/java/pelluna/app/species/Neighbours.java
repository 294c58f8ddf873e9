package pelluna.app.species;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.words.Words;

/** Among what a keeper has: with whom a species will not get on, and with whom nothing is expected. */
record Neighbours(List<Finding> trouble, List<String> calm) {
    static Neighbours of(Species s, Singles singles, Words say) {
        Plan plan = singles.plan();
        Set<String> calm = new LinkedHashSet<>();
        for (Party r : plan.residents()) {
            String name = say.of(r.species());
            if (!calm.contains(name) && company(s, beside(r, plan)).isEmpty()) {
                calm.add(name);
            }
        }
        return new Neighbours(company(s, singles), List.copyOf(calm));
    }

    /** The tank with this resident alone in it. */
    private static Singles beside(Party resident, Plan plan) {
        return new Singles(new Plan(plan.tank(), plan.stance(), plan.startOn(), List.of(resident), List.of()));
    }

    private static List<Finding> company(Species s, Singles singles) {
        return singles.of(s).findings().stream()
                .filter(f -> f.rule() == RuleName.COMPANY)
                .sorted(Comparator.comparing(Finding::step).reversed())
                .toList();
    }

    public boolean alone() {
        return trouble.isEmpty() && calm.isEmpty();
    }
}
