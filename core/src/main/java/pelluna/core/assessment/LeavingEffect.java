package pelluna.core.assessment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/** What it changes that a fish leaves on a day: the whole plan computed with it and without. */
public final class LeavingEffect {
    /** Less than this is not worth a sentence: mg/L of nitrate, inches. */
    private static final double WORTH = 0.3;

    private LeavingEffect() {}

    /** The most telling first; never empty. */
    public static List<Effect> of(Plan plan, Party fish, LocalDate on) {
        Assessor assessor = new Assessor();
        Assessment stays = assessor.assess(plan.with(fish.by(fish.hand().staying())));
        Assessment leaves = assessor.assess(plan.with(fish.by(fish.hand().leaving(on, ""))));
        List<Effect> effects = between(stays, leaves, fish.id());
        return effects.isEmpty() ? List.of(new Effect.Nothing()) : effects;
    }

    /**
     * What differs between two plans with the same wishes, as the second would have it.
     *
     * @param but id of a party that is not told of; empty for none
     * @return the most telling first; empty if nothing is worth saying
     */
    public static List<Effect> between(Assessment stays, Assessment leaves, String but) {
        List<Effect> effects = new ArrayList<>();
        List<Party> in = fresh(leaves, stays, but);
        List<Party> out = fresh(stays, leaves, but);
        if (!in.isEmpty()) {
            effects.add(new Effect.ComeIn(in));
        }
        if (!out.isEmpty()) {
            effects.add(new Effect.StayBehind(out));
        }
        differ(nitrate(stays), nitrate(leaves), Effect.NitrateAt::new, effects);
        differ(used(stays, LensKind.LENGTH_RULE), used(leaves, LensKind.LENGTH_RULE), Effect.InchesHeld::new, effects);
        differ(used(stays, LensKind.ROOM), used(leaves, LensKind.ROOM), Effect.RoomTakenTo::new, effects);
        double points = stays.arrivals().cost() - leaves.arrivals().cost();
        if (in.isEmpty() && out.isEmpty() && Math.abs(points) >= 1) {
            effects.add(new Effect.OrderCosts((int) Math.round(Math.abs(points)), points > 0));
        }
        return effects;
    }

    private static List<Party> fresh(Assessment has, Assessment lacks, String but) {
        List<String> there = lacks.bestSet().take().stream().map(Party::id).toList();
        return has.bestSet().take().stream()
                .filter(p -> !there.contains(p.id()) && !p.id().equals(but))
                .toList();
    }

    private static double used(Assessment a, LensKind lens) {
        return a.capacity().lens(lens).used();
    }

    private static void differ(
            double with, double without, BiFunction<Double, Double, Effect> effect, List<Effect> to) {
        if (Math.abs(with - without) >= WORTH) {
            to.add(effect.apply(without, with));
        }
    }

    /** At which it settles with all who stay or come, grown, mg/L. */
    private static double nitrate(Assessment a) {
        List<Party> living = new ArrayList<>(a.plan().staying());
        living.addAll(a.bestSet().take());
        return Waste.of(a.plan()).nitrate(Waste.adultFeed(living)).steady();
    }
}
