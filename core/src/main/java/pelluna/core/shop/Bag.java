package pelluna.core.shop;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.capacity.Lens;
import pelluna.core.capacity.Lenses;
import pelluna.core.capacity.Load;
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
    private final Lenses lenses;
    private final Load load;
    private final Map<Species, One> firsts = new HashMap<>();
    private final Map<Species, One> seconds = new HashMap<>();

    /** @param plan starting on the day of the question */
    public Bag(Plan plan) {
        this.plan = plan;
        this.quarters = Quarters.of(plan.tank(), plan.staying());
        this.lenses = new Lenses(plan);
        this.load = Load.of(plan.tank(), plan.staying());
    }

    /** One of a species, and what of it is the same whoever is with it. */
    private static final class One {
        private final Party fish;
        private final Load load;
        private Quarters joined;

        One(Party fish, Plan plan) {
            this.fish = fish;
            this.load = Load.of(plan.tank(), List.of(fish));
        }

        /** The quarters with it, worked out once. */
        Quarters joins(Quarters quarters) {
            if (joined == null) {
                joined = quarters.joinedBy(fish);
            }
            return joined;
        }
    }

    /** The same for either order of the two. */
    public Together of(Species a, Species b) {
        boolean ordered = a.scientificName().compareTo(b.scientificName()) <= 0;
        One first = firsts.computeIfAbsent(ordered ? a : b, s -> new One(Singles.one(plan, s, "first"), plan));
        One second = seconds.computeIfAbsent(ordered ? b : a, s -> new One(Singles.one(plan, s, "second"), plan));
        Party one = first.fish;
        Party other = second.fish;
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
        Together press = press(first, other);
        if (press.step() == Step.SURGE) {
            return press;
        }
        Step full = full(first, second);
        return full.compareTo(press.step()) > 0 ? Together.of(full, new TogetherReason.TooMany()) : press;
    }

    private Optional<Together> number(Party one) {
        return Sieve.sift(plan, one.counting(2)).findings().stream()
                .filter(f -> f.rule() == RuleName.GROUP_SIZE && f.blocks())
                .findFirst()
                .map(f -> Together.of(f.step(), new TogetherReason.WrongNumber()));
    }

    private Together press(One first, Party other) {
        Encounter on = meet(quarters, first.fish, other);
        double index = worst(on);
        // Of two that have not settled the grounds count as one on the other: where that is calm, it is so in any case.
        if (on.overlap() > 0 && Tension.stepOf(index) != Step.CALM) {
            on = meet(first.joins(quarters).joinedBy(other), first.fish, other);
            index = worst(on);
        }
        Step step = Tension.stepOf(index);
        if (step == Step.CALM) {
            return Together.of(step, new TogetherReason.Calm());
        }
        Encounter by = on.reversed();
        Encounter worse = Tension.index(on) >= Tension.index(by) ? on : by;
        return new Together(
                step,
                new TogetherReason.Presses(Tension.of(worse).reasons().get(0).force()),
                first.fish.species().equals(other.species())
                        ? Optional.empty()
                        : Optional.of(worse.target().species()));
    }

    private static Encounter meet(Quarters quarters, Party one, Party other) {
        return quarters.meet(one, one.lengthCm(), other, other.lengthCm(), Encounter.Order.TOGETHER, false);
    }

    private static double worst(Encounter on) {
        return Math.max(Tension.index(on), Tension.index(on.reversed()));
    }

    private Step full(One first, One second) {
        return lenses.about(second.load, load.and(first.load).and(second.load)).stream()
                .map(Lens::step)
                .max(Step::compareTo)
                .orElse(Step.CALM);
    }
}
