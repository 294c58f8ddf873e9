package pelluna.core.shop;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.search.Special;
import pelluna.core.sieve.Condition;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Remedy;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.Statement;

/**
 * What Pelluna says in a shop of one fish, for one tank on one day.
 *
 * @param main  the one main reason
 * @param mustBe what would have to be so, in the order of the Sieve; time is not among it
 * @param day   when it may be bought; empty where it can't be so in this tank
 */
public record ShopAnswer(Species species, Says says, Statement main, List<Condition> mustBe, Optional<BuyingDay> day) {
    public ShopAnswer {
        mustBe = List.copyOf(mustBe);
    }

    /**
     * @param plan starting on the day of the question, or after a time without fish
     * @param v what the Sieve says of one of it in that plan
     */
    static ShopAnswer of(Plan plan, LocalDate today, Verdict v) {
        Species s = v.wish().species();
        if (v.outcome() == Verdict.Outcome.NOT_IN_THIS_TANK) {
            return new ShopAnswer(
                    s, Says.NOT_THIS_ONE, v.stop().orElseThrow().reason(), conditions(v), Optional.empty());
        }
        BuyingDay day = BuyingDay.of(plan, v.wish());
        boolean now = !day.buy().isAfter(today);
        List<Condition> mustBe = conditions(v);
        Says says = !now ? Says.NOT_TODAY : mustBe.isEmpty() ? Says.YES : Says.YES_IF;
        return new ShopAnswer(s, says, main(says, plan, v, day), mustBe, Optional.of(day));
    }

    private static List<Condition> conditions(Verdict v) {
        List<Condition> all = v.findings().stream()
                .filter(Finding::blocks)
                .filter(f -> f.remedy().kind() == Remedy.Kind.WAIT)
                .map(f -> f.remedy().condition())
                .toList();
        return v.fitsIf().stream().filter(c -> !all.contains(c)).toList();
    }

    private static Statement main(Says says, Plan plan, Verdict v, BuyingDay day) {
        return switch (says) {
            case NOT_TODAY -> waits(plan, v, day);
            case YES_IF ->
                v.findings().stream()
                        .filter(Finding::blocks)
                        .filter(f -> f.remedy().kind() != Remedy.Kind.WAIT)
                        .min(Comparator.comparing((Finding f) -> f.rule().mesh())
                                .thenComparing(Finding::step, Comparator.reverseOrder()))
                        .orElseThrow()
                        .reason();
            default ->
                v.findings().stream()
                        .filter(f -> !f.blocks())
                        .max(Comparator.comparing(Finding::step))
                        .map(Finding::reason)
                        .or(() -> Special.of(v.wish().species(), plan.tank(), plan.stance()).stream()
                                .reduce((a, b) -> b)
                                .filter(Special.class::isInstance))
                        .orElseGet(ShopReason.NothingAgainstIt::new);
        };
    }

    private static Statement waits(Plan plan, Verdict v, BuyingDay day) {
        Optional<Party> last = day.rests();
        if (last.isPresent()) {
            return new ShopReason.LastCame(last.get().species(), last.get().since());
        }
        return v.findings().stream()
                .filter(f -> f.remedy().kind() == Remedy.Kind.WAIT)
                .findFirst()
                .<Statement>map(Finding::reason)
                .or(() -> plan.fallow().map(f -> new ShopReason.WithoutFish(f.until())))
                .orElseGet(() -> new ShopReason.ReadyOn(day.release()));
    }
}
