package pelluna.core.risk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pelluna.core.arrivals.Rivals;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.Risk;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Quarters;
import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/**
 * What a keeper should know who takes a wish that Pelluna refuses: why it is refused, the ways there are with how bad
 * each is beside
 * leaving it, what to
 * watch for, when to stop, and where the fish goes then. Odds, no promises; the ways are common practice, which of
 * them is least bad is
 * the model's.
 *
 * @param reasons what stands against it, said once each, the most serious first
 * @param rivals  residents who would press it, or it them, at Chop or more; the hardest first
 * @param ways    leaving it first
 * @param least   the least bad way of taking it
 */
public record OwnRisk(
        Party wish,
        List<Statement> reasons,
        List<Party> rivals,
        List<Way> ways,
        Way least,
        List<RiskReason> watch,
        List<RiskReason> stop,
        List<RiskReason> where) {
    /**
     * Ways whose expected contests are within this share of each other are as bad; then the one that asks less of the
     * others.
     */
    private static final double AS_BAD = 0.95;

    /** @param verdict on the wish, as the whole plan has it */
    public static OwnRisk of(Plan plan, Verdict verdict) {
        Party wish = verdict.wish();
        List<Party> company = new ArrayList<>(plan.staying());
        company.add(wish);
        List<Party> rivals = Rivals.of(plan, wish, Quarters.of(plan.tank(), company));
        WaysIn ways = new WaysIn(plan, wish, rivals);
        List<Way> all = new ArrayList<>(List.of(ways.leaving(), ways.taking(Risk.BOX)));
        if (!rivals.isEmpty()) {
            all.add(ways.taking(Risk.ANEW));
        }
        return new OwnRisk(
                wish,
                reasons(verdict),
                rivals,
                all,
                least(all),
                toWatch(wish, rivals),
                whenToStop(),
                whereTo(plan, wish));
    }

    /** What stands against a wish, each reason once, the most serious first. */
    public static List<Statement> reasons(Verdict v) {
        return v.findings().stream()
                .filter(Finding::blocks)
                .sorted(Comparator.comparing(Finding::step).reversed())
                .map(Finding::reason)
                .distinct()
                .toList();
    }

    private static Way least(List<Way> all) {
        Way box = all.get(1);
        return all.stream()
                .skip(2)
                .filter(w -> w.possible() && w.acts() < AS_BAD * box.acts())
                .findFirst()
                .orElse(box);
    }

    private static List<RiskReason> toWatch(Party wish, List<Party> rivals) {
        List<RiskReason> says = new ArrayList<>();
        if (!rivals.isEmpty()) {
            says.add(new RiskReason.WatchWhoFollows(
                    rivals.stream().map(Party::species).distinct().toList()));
        }
        says.add(new RiskReason.LookAtIt(wish.species()));
        return says;
    }

    /** The same rules as for every newcomer: common practice. */
    private static List<RiskReason> whenToStop() {
        return List.of(new RiskReason.OutTheSameDay(), new RiskReason.NewcomerGoesOut());
    }

    private static List<RiskReason> whereTo(Plan plan, Party wish) {
        int places = plan.tank().quarantinePlaces();
        List<RiskReason> says = new ArrayList<>();
        says.add(places > 0 ? new RiskReason.KeepPlaceEmpty(places) : new RiskReason.NoPlace());
        says.add(new RiskReason.ThenToAKeeper(
                new Volume(wish.species().room().litres().at(plan.stance()))));
        return says;
    }
}
