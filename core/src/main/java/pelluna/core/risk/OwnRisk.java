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
import pelluna.core.units.English;
import pelluna.core.units.Measures;

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
        List<String> reasons,
        List<Party> rivals,
        List<Way> ways,
        Way least,
        List<String> watch,
        List<String> stop,
        List<String> where) {
    /**
     * Ways whose expected contests are within this share of each other are as bad; then the one that asks less of the
     * others.
     */
    private static final double AS_BAD = 0.95;

    /** @param verdict on the wish, as the whole plan has it */
    public static OwnRisk of(Plan plan, Verdict verdict, Measures say) {
        Party wish = verdict.wish();
        List<Party> company = new ArrayList<>(plan.staying());
        company.add(wish);
        List<Party> rivals = Rivals.of(plan, wish, Quarters.of(plan.tank(), company));
        WaysIn ways = new WaysIn(plan, wish, rivals, say);
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
                whereTo(plan, wish, say));
    }

    /** What stands against a wish, each reason once, the most serious first. */
    public static List<String> reasons(Verdict v) {
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

    private static List<String> toWatch(Party wish, List<Party> rivals) {
        List<String> says = new ArrayList<>();
        if (!rivals.isEmpty()) {
            says.add("Whoever follows it: "
                    + English.list(rivals.stream()
                            .map(r -> "the " + r.species().name())
                            .distinct()
                            .toList())
                    + ". Watch ten minutes twice a day for the first week, at feeding and before lights-out.");
        }
        says.add("Its fins and flanks each morning, with the lights full on; whether the "
                + wish.species().name() + " eats; where it sleeps.");
        return says;
    }

    /** The same rules as for every newcomer: common practice. */
    private static List<String> whenToStop() {
        return List.of(
                "Out with it the same day: a wound or a badly torn fin, two days without eating, chased without "
                        + "pause, or "
                        + "hiding at two feedings running.",
                "If it is the newcomer that does the harm, the newcomer goes out.");
    }

    private static List<String> whereTo(Plan plan, Party wish, Measures say) {
        int places = plan.tank().quarantinePlaces();
        List<String> says = new ArrayList<>();
        says.add(
                places > 0
                        ? "First into a quarantine place of yours: keep one of your "
                                + (places == 1 ? "one" : English.number(places)) + " empty for the first two weeks."
                        : "You have no quarantine place: make one ready before you buy, or do not buy.");
        says.add("Then to a keeper or a shop with "
                + say.volume(wish.species().room().litres().at(plan.stance()))
                + " or more for it. Ask before you buy who takes it back. Never into the sea.");
        return says;
    }
}
