package pelluna.core.advice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Plan;

/**
 * What would calm a pair most. Every attempt is a plan of its own for which the whole model runs again: sieve, best
 * set,
 * order, grounds, tension. Within a kind of attempt the best is chosen with the order left as it is.
 */
public final class Advice {
    /** Fewer points than this are not worth a line, or a warning. Pelluna's judgement. */
    static final double WORTH_SAYING = 1;

    static final double HARDER = 5;
    private static final int MOST = 7;

    private final Assessment assessment;
    private final Outlook outlook;
    private final Catalogue catalogue;

    public Advice(Assessment assessment, Outlook outlook, Catalogue catalogue) {
        this.assessment = assessment;
        this.outlook = outlook;
        this.catalogue = catalogue;
    }

    /**
     * The options for one pair on a day, calmest first.
     *
     * @param aggressor of this outlook
     * @param target    of this outlook
     */
    public List<Option> lower(Presence aggressor, Presence target, LocalDate day) {
        double before = outlook.press(aggressor, target, day).index();
        Tries tries = new Tries(outlook, aggressor, target, catalogue);
        ToDoubleFunction<Outlook> pair = o -> index(o, aggressor, target, day);
        ToDoubleFunction<Outlook> everybody = o -> hardestOf(o, aggressor, target, day);
        List<Attempt> chosen = new ArrayList<>();
        chosen.addAll(tries.order());
        chosen.addAll(tries.box());
        best(tries.hides(), this::sameOrder, pair).ifPresent(chosen::add);
        best(tries.rocks(), this::sameOrder, pair).ifPresent(chosen::add);
        best(tries.numbers(), this::whole, pair).ifPresent(chosen::add);
        best(tries.lengths(), this::whole, pair).ifPresent(chosen::add);
        best(tries.species(), this::swapped, everybody).ifPresent(chosen::add);
        best(tries.meals(), this::sameOrder, pair).ifPresent(chosen::add);
        return chosen.parallelStream()
                .map(a -> option(a, aggressor, target, day, before))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingDouble(Option::after))
                .limit(MOST)
                .toList();
    }

    /**
     * What an attempt asks of its keeper.
     *
     * @throws java.util.NoSuchElementException if it is about nobody of this plan
     * @throws IndexOutOfBoundsException        if it is about a heap that is not there
     */
    public static ToDo asks(Attempt attempt, Outlook outlook) {
        return WhatToDo.of(attempt, outlook);
    }

    private Optional<Option> option(
            Attempt attempt, Presence aggressor, Presence target, LocalDate day, double before) {
        Outlook after = whole(attempt);
        double index = attempt instanceof Attempt.Instead
                ? hardestOf(after, aggressor, target, day)
                : index(after, aggressor, target, day);
        if (before - index < WORTH_SAYING) {
            return Optional.empty();
        }
        Optional<Press> worse = harder(after, aggressor, target, day);
        return Optional.of(new Option(
                attempt,
                WhatToDo.of(attempt, outlook),
                before,
                index,
                worse,
                worse.map(p -> WhatToDo.but(p, outlook))));
    }

    private static Optional<Attempt> best(
            List<Attempt> attempts, Function<Attempt, Outlook> run, ToDoubleFunction<Outlook> price) {
        Attempt best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Attempt attempt : attempts) {
            double now = price.applyAsDouble(run.apply(attempt));
            if (now < least - 1e-9) {
                least = now;
                best = attempt;
            }
        }
        return Optional.ofNullable(best);
    }

    /** With the same arrivals on the same days: enough to compare places in the reef. */
    private Outlook sameOrder(Attempt attempt) {
        return new Outlook(attempt.on(outlook.plan()), assessment.arrivals());
    }

    /** With one of the arrivals exchanged for another species, on the same day. */
    private Outlook swapped(Attempt attempt) {
        Plan plan = attempt.on(outlook.plan());
        return new Outlook(plan, assessment.arrivals().with(plan.wishes()));
    }

    private Outlook whole(Attempt attempt) {
        Plan plan = attempt.on(outlook.plan());
        return new Outlook(plan, new Assessor().assess(plan).arrivals());
    }

    /** The index of the same two; beyond all if one of them is no longer there. */
    private static double index(Outlook o, Presence aggressor, Presence target, LocalDate day) {
        Optional<Presence> a = o.find(aggressor.party().id());
        Optional<Presence> b = o.find(target.party().id());
        if (a.isEmpty() || b.isEmpty()) {
            return Double.POSITIVE_INFINITY;
        }
        return o.press(a.get(), b.get(), latest(day, a.get().from(), b.get().from()))
                .index();
    }

    /**
     * The hardest press that either of the two has a part in, grown or on the day; beyond all if one is no longer
     * there.
     */
    private double hardestOf(Outlook o, Presence aggressor, Presence target, LocalDate day) {
        Optional<Presence> a = o.find(aggressor.party().id());
        Optional<Presence> b = o.find(target.party().id());
        if (a.isEmpty() || b.isEmpty()) {
            return Double.POSITIVE_INFINITY;
        }
        Presence fresh = a.get().party().species().equals(aggressor.party().species()) ? b.get() : a.get();
        double most = 0;
        for (Presence other : o.everybody()) {
            if (other != fresh) {
                LocalDate both = latest(day, fresh.from(), other.from());
                most = Math.max(
                        most,
                        Math.max(
                                o.press(fresh, other, both).index(),
                                o.press(other, fresh, both).index()));
            }
        }
        return most;
    }

    private Optional<Press> harder(Outlook after, Presence aggressor, Presence target, LocalDate day) {
        Map<String, Double> before = outlook.presses(latest(day, outlook.lastArrival(), day)).stream()
                .collect(Collectors.toMap(Advice::pair, Press::index));
        return after.presses(latest(day, after.lastArrival(), outlook.lastArrival())).stream()
                .filter(p -> !p.same(aggressor.party().id(), target.party().id()))
                .filter(p -> p.step() != pelluna.core.units.Step.CALM
                        && p.index() - before.getOrDefault(pair(p), 0.0) >= HARDER)
                .findFirst();
    }

    private static String pair(Press p) {
        return p.aggressor().party().id() + ">" + p.target().party().id();
    }

    private static LocalDate latest(LocalDate a, LocalDate b, LocalDate c) {
        LocalDate two = a.isAfter(b) ? a : b;
        return two.isAfter(c) ? two : c;
    }
}
