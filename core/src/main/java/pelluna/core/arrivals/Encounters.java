package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.plan.Hand;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;

/**
 * The hardest press that a newcomer meets, from those who live there and from those who came before it; at the sizes
 * of the plan's start.
 */
final class Encounters {
    private final Plan plan;
    private final List<Arrival> arrivals;
    private final Quarters quarters;

    Encounters(Plan plan, List<Arrival> arrivals, Quarters quarters) {
        this.plan = plan;
        this.arrivals = arrivals;
        this.quarters = quarters;
    }

    /** From the residents who are still there when it may come. */
    Step residents(int u) {
        LocalDate soonest = notBefore(arrivals.get(u));
        return Tension.stepOf(plan.residents().stream()
                .filter(r -> r.hand().leaves().map(l -> l.on().isAfter(soonest)).orElse(true))
                .mapToDouble(r -> hardest(r, arrivals.get(u)))
                .max()
                .orElse(0));
    }

    Step arrival(int v, int u) {
        return Tension.stepOf(arrivals.get(v).parties().stream()
                .mapToDouble(p -> hardest(p, arrivals.get(u)))
                .max()
                .orElse(0));
    }

    /** An arrival waits until a resident that would eat it or press it at Chop, and is to leave anyway, has left. */
    LocalDate notBefore(Arrival a) {
        return plan.residents().stream()
                .filter(r -> r.hand().leaves().isPresent())
                .filter(r -> hardest(r, a) >= Tension.CHOP_FROM
                        || a.parties().stream()
                                .anyMatch(p -> Eaten.of(r, p, plan.startOn()).isPresent()))
                .map(r -> r.hand().leaves().map(Hand.Leaving::on).orElseThrow())
                .max(LocalDate::compareTo)
                .orElse(plan.startOn());
    }

    private double hardest(Party there, Arrival newcomers) {
        return newcomers.parties().stream()
                .mapToDouble(n -> Tension.index(quarters.meet(
                        there,
                        there.lengthOn(plan.startOn()),
                        n,
                        n.lengthCm(),
                        Encounter.Order.AGGRESSOR_FIRST,
                        false)))
                .max()
                .orElse(0);
    }
}
