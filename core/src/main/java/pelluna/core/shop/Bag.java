package pelluna.core.shop;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.Lens;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Sieve;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;

/**
 * Two fish in one bag: whether one eats or presses the other, and whether there is room for both. What the tank says
 * to each alone is not asked again. Not for several threads.
 */
public final class Bag {
    private final Plan plan;
    private final Quarters quarters;
    private final Map<Party, Quarters> joined = new HashMap<>();

    /** @param plan starting on the day of the question */
    public Bag(Plan plan) {
        this.plan = plan;
        this.quarters = Quarters.of(plan.tank(), plan.staying());
    }

    /** The same for either order of the two. */
    public Together of(Species a, Species b) {
        boolean ordered = a.scientificName().compareTo(b.scientificName()) <= 0;
        Party one = Singles.one(plan, ordered ? a : b, "first");
        Party other = Singles.one(plan, ordered ? b : a, "second");
        if (a.equals(b)) {
            Optional<Together> wrong = number(one);
            if (wrong.isPresent()) {
                return wrong.get();
            }
        }
        if (Eaten.of(one, other, plan.startOn())
                .or(() -> Eaten.of(other, one, plan.startOn()))
                .isPresent()) {
            return Together.of(Step.SURGE, new TogetherReason.Eats());
        }
        Together press = press(one, other);
        Step full = full(one, other);
        return full.compareTo(press.step()) > 0 ? Together.of(full, new TogetherReason.TooMany()) : press;
    }

    private Optional<Together> number(Party one) {
        return Sieve.sift(plan, one.counting(2)).findings().stream()
                .filter(f -> f.rule() == RuleName.GROUP_SIZE && f.blocks())
                .findFirst()
                .map(f -> Together.of(f.step(), new TogetherReason.WrongNumber()));
    }

    private Together press(Party one, Party other) {
        Quarters both = joined.computeIfAbsent(one, quarters::joinedBy).joinedBy(other);
        Encounter on = both.meet(one, one.lengthCm(), other, other.lengthCm(), Encounter.Order.TOGETHER, false);
        Encounter by = on.reversed();
        double index = Math.max(Tension.index(on), Tension.index(by));
        Step step = Tension.stepOf(index);
        if (step == Step.CALM) {
            return Together.of(step, new TogetherReason.Calm());
        }
        Encounter worse = Tension.index(on) >= Tension.index(by) ? on : by;
        return new Together(
                step,
                new TogetherReason.Presses(Tension.of(worse).reasons().get(0).force()),
                one.species().equals(other.species())
                        ? Optional.empty()
                        : Optional.of(worse.target().species()));
    }

    private Step full(Party one, Party other) {
        List<Party> fish = new ArrayList<>(plan.staying());
        fish.add(one);
        fish.add(other);
        return Capacity.about(other, plan, fish).stream()
                .map(Lens::step)
                .max(Step::compareTo)
                .orElse(Step.CALM);
    }
}
