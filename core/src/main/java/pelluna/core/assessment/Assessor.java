package pelluna.core.assessment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.arrivals.BestSet;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.capacity.Capacity;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.InPlan;
import pelluna.core.sieve.Living;
import pelluna.core.sieve.Sieve;
import pelluna.core.sieve.Verdict;
import pelluna.core.sieve.WhatHelps;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Sentences;
import pelluna.core.units.Stop;

/** The one engine behind the pages, the web API and the command line. Pure: the same plan gives the same answer. */
public final class Assessor {

    public Assessment assess(Plan plan) {
        return assess(plan, Stop.NEVER);
    }

    /** @param stop when its searches end with the best that they have; the answer then says so */
    public Assessment assess(Plan plan, Stop stop) {
        Map<Party, Verdict> verdicts = new LinkedHashMap<>();
        Living there = new Living(plan);
        plan.wishes().forEach(wish -> verdicts.put(wish, Sieve.sift(plan, wish, there)));
        List<Party> forced = plan.atOwnRisk();
        List<Party> viable = plan.wishes().stream()
                .filter(w -> verdicts.get(w).outcome() != Verdict.Outcome.NOT_IN_THIS_TANK)
                .filter(w -> verdicts.get(w).wrongNumber().isEmpty())
                .filter(w -> !forced.contains(w))
                .toList();
        BestSet bestSet = (forced.isEmpty()
                        ? BestSet.of(plan, viable, stop)
                        : BestSet.beside(plan, forced, viable, stop))
                .leavingToo(wrongNumbers(verdicts));
        Scheduler scheduler = new Scheduler(plan, bestSet.take(), stop);
        Schedule schedule = scheduler.planned();
        List<Party> living = new ArrayList<>(plan.staying());
        living.addAll(bestSet.take());
        List<Tension> tension = tension(
                plan,
                schedule,
                plan.staying().equals(plan.residents()) ? scheduler.quarters() : Quarters.of(plan.tank(), living));
        bestSet.leave()
                .forEach((wish, leaving) -> verdicts.computeIfPresent(
                        wish,
                        (w, v) -> v.wrongNumber().isPresent()
                                ? v
                                : v.and(leaving.forcedBy()
                                        .map(p -> List.of(InPlan.keptOutBy(p, leaving.because())))
                                        .orElseGet(() -> InPlan.keptOutByNumber(v, leaving.because())))));
        for (Party wish : bestSet.take()) {
            verdicts.computeIfPresent(wish, (w, v) -> v.and(InPlan.pressedInOrder(wish, tension, bestSet.take())));
        }
        return new Assessment(
                plan,
                List.copyOf(verdicts.values()),
                tension,
                Eaten.in(plan),
                Capacity.of(plan, living),
                schedule,
                bestSet);
    }

    /** A wish for a number that does not live together waits until the number is put right. */
    private static Map<Party, BestSet.Leaving> wrongNumbers(Map<Party, Verdict> verdicts) {
        Map<Party, BestSet.Leaving> wrong = new LinkedHashMap<>();
        verdicts.forEach((wish, v) -> {
            if (v.outcome() != Verdict.Outcome.NOT_IN_THIS_TANK
                    && !wish.hand().risk().taken()) {
                v.wrongNumber()
                        .ifPresent(f -> wrong.put(
                                wish,
                                new BestSet.Leaving(
                                        Optional.empty(),
                                        Sentences.of(
                                                f.reason(),
                                                new WhatHelps.FitsIf(f.remedy().condition())))));
            }
        });
        return wrong;
    }

    /**
     * Every pair both ways, in the order in which they come into the tank, at the sizes of the day on which the later
     * comes.
     */
    private List<Tension> tension(Plan plan, Schedule schedule, Quarters quarters) {
        List<Presence> all = new ArrayList<>(Presence.of(plan, schedule));
        List<String> placed = all.stream().map(t -> t.party().id()).toList();
        plan.wishes().stream()
                .filter(w -> !placed.contains(w.id()))
                .forEach(w -> all.add(new Presence(w, plan.startOn(), Presence.UNPLANNED)));
        List<Tension> found = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                Presence first = all.get(i);
                Presence later = all.get(j);
                Encounter.Order order = first.before(later);
                boolean boxed = later.party().hand().box();
                double firstCm = first.party().lengthOn(later.from());
                double laterCm = later.party().lengthOn(later.from());
                found.add(Tension.of(quarters.meet(first.party(), firstCm, later.party(), laterCm, order, boxed)));
                found.add(Tension.of(
                        quarters.meet(later.party(), laterCm, first.party(), firstCm, order.reversed(), boxed)));
            }
        }
        return found;
    }
}
