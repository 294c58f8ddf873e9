package pelluna.core.assessment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/** What it changes that a fish leaves on a day: the whole plan computed with it and without. */
public final class LeavingEffect {
    /** Less than this is not worth a sentence: mg/L of nitrate, inches. */
    private static final double WORTH = 0.3;

    private LeavingEffect() {}

    /** In sentences, the most telling first; never empty. */
    public static List<String> of(Plan plan, Party fish, LocalDate on, Measures say) {
        Assessor assessor = new Assessor(say);
        Assessment stays = assessor.assess(plan.with(fish.by(fish.hand().staying())));
        Assessment leaves = assessor.assess(plan.with(fish.by(fish.hand().leaving(on, ""))));
        List<String> says = between(stays, leaves, fish.id());
        if (says.isEmpty()) {
            says.add("It would change nothing worth saying in the plan.");
        }
        return says;
    }

    /**
     * What differs between two plans with the same wishes, as the second would have it.
     *
     * @param but id of a party that is not told of; empty for none
     * @return in sentences, the most telling first; empty if nothing is worth saying
     */
    public static List<String> between(Assessment stays, Assessment leaves, String but) {
        List<String> says = new ArrayList<>();
        List<String> in = names(leaves, stays, but);
        List<String> out = names(stays, leaves, but);
        if (!in.isEmpty()) {
            says.add("Would come in then: " + English.list(in) + ".");
        }
        if (!out.isEmpty()) {
            says.add("Would stay behind then: " + English.list(out) + ".");
        }
        differ(nitrate(stays), nitrate(leaves), "Nitrate, all grown, would settle at ", " mg/L", says);
        lens(stays, leaves, "length-rule", "By the length rule the tank would hold ", " inches of fish", says);
        lens(stays, leaves, "room", "The tightest part of the room would be taken to ", " %", says);
        double points = stays.arrivals().cost() - leaves.arrivals().cost();
        if (in.isEmpty() && out.isEmpty() && Math.abs(points) >= 1) {
            says.add("The order of arrival would cost "
                    + English.count((int) Math.round(Math.abs(points)), "point", "points") + " of tension "
                    + (points > 0 ? "less." : "more."));
        }
        return says;
    }

    private static List<String> names(Assessment has, Assessment lacks, String but) {
        List<String> there = lacks.bestSet().take().stream().map(Party::id).toList();
        return has.bestSet().take().stream()
                .filter(p -> !there.contains(p.id()) && !p.id().equals(but))
                .map(Party::label)
                .toList();
    }

    private static void lens(
            Assessment stays, Assessment leaves, String name, String head, String unit, List<String> says) {
        differ(stays.capacity().lens(name).used(), leaves.capacity().lens(name).used(), head, unit, says);
    }

    private static void differ(double with, double without, String head, String unit, List<String> says) {
        if (Math.abs(with - without) >= WORTH) {
            says.add(head + number(without) + unit + ", not " + number(with) + ".");
        }
    }

    /** At which it settles with all who stay or come, grown, mg/L. */
    private static double nitrate(Assessment a) {
        List<Party> living = new ArrayList<>(a.plan().staying());
        living.addAll(a.bestSet().take());
        return Waste.of(a.plan()).nitrate(Waste.adultFeed(living)).steady();
    }

    private static String number(double value) {
        return Measures.number(Measures.round(value, 1));
    }
}
