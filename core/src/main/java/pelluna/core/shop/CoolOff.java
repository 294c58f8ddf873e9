package pelluna.core.shop;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.assessment.Effect;
import pelluna.core.assessment.LeavingEffect;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Sieve;
import pelluna.core.units.Statement;
import pelluna.core.units.Stop;

/**
 * A fish that was bought outside the plan: what would have been said of it, and what it does to the plan.
 *
 * @param asked      the answer before it was bought
 * @param effects    on the plan, the most telling first; none is worth saying where it is empty
 * @param watch      whom it will trouble or who will trouble it, the hardest first
 * @param nextBefore when the next of the plan would have come into the tank; empty if none was to come
 * @param next       when it comes now
 */
public record CoolOff(
        ShopAnswer asked,
        List<Effect> effects,
        List<Statement> watch,
        Optional<LocalDate> nextBefore,
        Optional<LocalDate> next) {
    public CoolOff {
        effects = List.copyOf(effects);
        watch = List.copyOf(watch);
    }

    /**
     * The plan computed without it and with it in the tank.
     *
     * @param bought one of the plan's residents, or of its wishes where it is in quarantine
     * @param stop   when its searches end with the best that they have
     */
    public static CoolOff of(Plan plan, Party bought, LocalDate today, Stop stop) {
        Plan without = plan.without(bought);
        Assessment before = new Assessor().assess(without, stop);
        Assessment after = new Assessor().assess(without.housing(List.of(bought)), stop);
        Shop shop = new Shop(without, today);
        List<Statement> watch = Sieve.sift(shop.plan(), bought).findings().stream()
                .filter(f -> f.rule() == RuleName.COMPANY)
                .sorted(Comparator.comparing(Finding::step).reversed())
                .map(Finding::reason)
                .toList();
        return new CoolOff(
                shop.of(bought.species()),
                LeavingEffect.between(before, after, bought.id()),
                watch,
                first(before),
                first(after));
    }

    private static Optional<LocalDate> first(Assessment a) {
        return a.arrivals().steps().stream().findFirst().map(d -> d.releaseOn());
    }
}
