package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;

/** Why an arrival stands where it stands: the waits that bind it and the neighbours whose order matters most. */
final class WhyHere {
    /** Fewer points saved than this are not worth a sentence. Pelluna's judgement. */
    private static final double WORTH_SAYING = 3;

    private final Plan plan;
    private final OrderProblem problem;
    private final int[] sequence;
    private final List<Arrival> arrivals;
    private final Quarters quarters;

    WhyHere(Plan plan, OrderProblem problem, int[] sequence, List<Arrival> arrivals, Quarters quarters) {
        this.plan = plan;
        this.problem = problem;
        this.sequence = sequence;
        this.arrivals = arrivals;
        this.quarters = quarters;
    }

    private record Reason(double saved, Why why) {}

    /** @param on the day it is released on */
    List<Why> of(int position, LocalDate on) {
        int me = sequence[position];
        List<Reason> reasons = new ArrayList<>();
        for (int i = 0; i < sequence.length; i++) {
            int other = sequence[i];
            if (i == position) {
                continue;
            }
            boolean after = i < position;
            double saved = Prices.points(
                    after
                            ? problem.price()[me][other] - problem.price()[other][me]
                            : problem.price()[other][me] - problem.price()[me][other]);
            if (saved >= WORTH_SAYING) {
                reasons.add(new Reason(
                        saved,
                        after
                                ? after(arrivals.get(me), arrivals.get(other), saved)
                                : before(arrivals.get(me), arrivals.get(other), saved)));
            }
        }
        reasons.sort(Comparator.comparingDouble(Reason::saved).reversed());
        List<Why> says = new ArrayList<>();
        says.addAll(byHand(me, on));
        if (position == 0 && !plan.tank().ageKnown()) {
            says.add(new Why.CycleNotSaid());
        }
        if (problem.earliest()[me] > 0 && problem.pins().day()[me] < 0) {
            LocalDate until = plan.startOn().plusDays(problem.earliest()[me]);
            List<Species> leaving = plan.residents().stream()
                    .filter(r ->
                            r.hand().leaves().map(l -> l.on().equals(until)).orElse(false))
                    .map(Party::species)
                    .toList();
            says.add(leaving.isEmpty() ? new Why.WantsOlderTank(until) : new Why.WaitsForLeaving(until, leaving));
        }
        if (filterHeldBack(position)) {
            says.add(new Why.BacteriaGrow());
        }
        reasons.stream().limit(3).forEach(r -> says.add(r.why()));
        if (roughestOfAll(position)) {
            says.add(new Why.RoughestLast());
        }
        if (says.isEmpty()) {
            says.add(
                    arrivals.get(me).atOwnRisk()
                            ? new Why.AtOwnRisk()
                            : position == 0 ? new Why.GoodFirst() : new Why.MattersLittle(smallerBefore(position)));
        }
        return says;
    }

    /** Whether it comes last of several, nobody being as rough. */
    private boolean roughestOfAll(int position) {
        double mine = Roughness.of(arrivals.get(sequence[position]));
        return position > 0
                && position == sequence.length - 1
                && Arrays.stream(sequence).limit(position).allMatch(other -> Roughness.of(arrivals.get(other)) < mine);
    }

    private boolean smallerBefore(int position) {
        return arrivals.get(sequence[position - 1]).load()
                <= arrivals.get(sequence[position]).load();
    }

    /** Whether it might have come one place sooner, but for the filter. */
    private boolean filterHeldBack(int position) {
        if (position == 0) {
            return false;
        }
        BitSet in = new BitSet();
        OrderProblem.Tally tally = OrderProblem.Tally.EMPTY;
        for (int i = 0; i < position - 1; i++) {
            in.set(sequence[i]);
            tally = tally.with(problem, sequence[i]);
        }
        int me = sequence[position];
        return Arrays.stream(problem.next(tally, in)).noneMatch(u -> u == me)
                && Arrays.stream(problem.unfiltered().next(tally, in)).anyMatch(u -> u == me);
    }

    private List<Why> byHand(int me, LocalDate on) {
        List<Why> says = new ArrayList<>();
        if (problem.pins().place()[me] > 0) {
            says.add(new Why.PlaceByHand());
        }
        int day = problem.pins().day()[me];
        if (day >= 0) {
            LocalDate wanted = plan.startOn().plusDays(day);
            says.add(on.isAfter(wanted) ? new Why.NoDayBefore(wanted, on) : new Why.DayByHand(wanted));
            if (problem.earliest()[me] > day) {
                says.add(new Why.BeforeChosen(plan.startOn().plusDays(problem.earliest()[me])));
            }
        }
        return says;
    }

    private Why after(Arrival me, Arrival other, double saved) {
        return Prices.delicacy(me, other) > saved / 2
                ? new Why.AfterDelicate(other.species())
                : new Why.AfterPressed(other.species(), pressing(me, other));
    }

    private Why before(Arrival me, Arrival other, double saved) {
        return Prices.delicacy(other, me) > saved / 2
                ? new Why.BeforeRougher(other.species())
                : new Why.BeforePresser(other.species(), pressing(other, me));
    }

    /** What it costs that one comes before another: which of them then presses the other, and how hard. */
    Costs.Pair pair(int v, int u) {
        double byFirst = press(arrivals.get(v), arrivals.get(u), Encounter.Order.AGGRESSOR_FIRST);
        double byLater = press(arrivals.get(u), arrivals.get(v), Encounter.Order.TARGET_FIRST);
        double hardest = Math.max(byFirst, byLater);
        return new Costs.Pair(
                arrivals.get(v).species(),
                arrivals.get(u).species(),
                byFirst >= byLater,
                Math.round(hardest),
                Tension.stepOf(hardest));
    }

    private Why.Pressing pressing(Arrival presser, Arrival pressed) {
        double first = press(presser, pressed, Encounter.Order.AGGRESSOR_FIRST);
        double now = press(presser, pressed, Encounter.Order.TARGET_FIRST);
        return new Why.Pressing(Math.round(first), Tension.stepOf(first), Math.round(now), Tension.stepOf(now));
    }

    private double press(Arrival presser, Arrival pressed, Encounter.Order order) {
        double most = 0;
        for (Party a : presser.parties()) {
            for (Party b : pressed.parties()) {
                most = Math.max(most, Tension.index(quarters.meet(a, a.adultCm(), b, b.adultCm(), order, false)));
            }
        }
        return most;
    }
}
