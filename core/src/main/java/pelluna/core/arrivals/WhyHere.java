package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

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

    private record Reason(double saved, String says) {}

    /** @param on the day it is released on */
    List<String> sentences(int position, LocalDate on) {
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
        List<String> says = new ArrayList<>();
        says.addAll(byHand(me, on));
        if (position == 0 && !plan.tank().ageKnown()) {
            says.add("Not before the tank has cycled: you have not said when its cycle ended.");
        }
        if (problem.earliest()[me] > 0 && problem.pins().day()[me] < 0) {
            LocalDate until = plan.startOn().plusDays(problem.earliest()[me]);
            List<String> leaving = plan.residents().stream()
                    .filter(r ->
                            r.hand().leaves().map(l -> l.on().equals(until)).orElse(false))
                    .map(r -> r.species().name())
                    .toList();
            says.add("Not before " + Measures.date(until)
                    + (leaving.isEmpty()
                            ? ": it wants an older tank."
                            : ", when the " + English.list(leaving) + " has left."));
        }
        if (filterHeldBack(position)) {
            says.add("Not sooner: the bacteria must first grow with what comes before it.");
        }
        reasons.stream().limit(3).forEach(r -> says.add(r.says()));
        if (roughestOfAll(position)) {
            says.add("Last: it is the roughest of them, and where the order costs about the same the roughest comes "
                    + "last.");
        }
        if (says.isEmpty()) {
            says.add(
                    arrivals.get(me).atOwnRisk()
                            ? "It comes at your own risk; its place among the other arrivals matters little."
                            : position == 0
                                    ? "Nobody minds it and it minds nobody much: a good first."
                                    : "Its place matters little to the others"
                                            + (smallerBefore(position) ? "; the smaller load goes first." : "."));
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

    private List<String> byHand(int me, LocalDate on) {
        List<String> says = new ArrayList<>();
        if (problem.pins().place()[me] > 0) {
            says.add("Its place is by your hand.");
        }
        int day = problem.pins().day()[me];
        if (day >= 0) {
            LocalDate wanted = plan.startOn().plusDays(day);
            says.add(
                    on.isAfter(wanted)
                            ? "You want it on " + Measures.date(wanted)
                                    + "; quarantine, box and the gap before it leave no day before " + Measures.date(on)
                                    + "."
                            : "Its day is by your hand, " + Measures.date(wanted) + ".");
            if (problem.earliest()[me] > day) {
                says.add("Your day is before " + Measures.date(plan.startOn().plusDays(problem.earliest()[me]))
                        + ", the first that Pelluna would choose.");
            }
        }
        return says;
    }

    private String after(Arrival me, Arrival other, double saved) {
        if (Prices.delicacy(me, other) > saved / 2) {
            return "After the " + other.shortName()
                    + ", which is the more delicate and would come off badly behind it.";
        }
        return "After the " + other.shortName() + ": coming first, it would press it at " + pressing(me, other);
    }

    private String before(Arrival me, Arrival other, double saved) {
        if (Prices.delicacy(other, me) > saved / 2) {
            return "Before the " + other.shortName()
                    + ": it is the more delicate of the two, slower to feed or easier to upset, and settles better "
                    + "undisturbed.";
        }
        return "Before the " + other.shortName() + ", which would otherwise press it at " + pressing(other, me);
    }

    /** 'the yellow tang comes before the coral beauty, which it then presses at 47 (Chop)'. */
    String firstPresses(int v, int u) {
        double byFirst = press(arrivals.get(v), arrivals.get(u), Encounter.Order.AGGRESSOR_FIRST);
        double byLater = press(arrivals.get(u), arrivals.get(v), Encounter.Order.TARGET_FIRST);
        return "the " + arrivals.get(v).shortName() + " comes before the "
                + arrivals.get(u).shortName()
                + (byFirst >= byLater
                        ? ", which it then presses at " + shown(byFirst)
                        : ", which presses it all the same, at " + shown(byLater));
    }

    /** '62 (Chop); this way round it is 37 (Ripple).' */
    private String pressing(Arrival presser, Arrival pressed) {
        double first = press(presser, pressed, Encounter.Order.AGGRESSOR_FIRST);
        double later = press(presser, pressed, Encounter.Order.TARGET_FIRST);
        return shown(first) + "; this way round it is " + shown(later) + ".";
    }

    private static String shown(double index) {
        return Math.round(index) + " (" + Tension.stepOf(index).title() + ")";
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
