package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import pelluna.core.introduction.Method;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;

/** From wishes that go in to a dated order with reasons; and the price of an order made by hand. */
public final class Scheduler {
    private final Plan plan;
    private final List<Arrival> arrivals;
    private final OrderProblem problem;
    private final Quarters quarters;

    public Scheduler(Plan plan, List<Party> taken) {
        this.plan = plan;
        this.arrivals = Arrival.of(taken);
        List<Party> company = new ArrayList<>(plan.residents());
        company.addAll(taken);
        this.quarters = Quarters.of(plan.tank(), company);
        this.problem = new Prices(plan, arrivals, quarters).problem();
    }

    /** The order that the keeper's hand has left: the best one, but with those that have a place of their own in it at that place. */
    public Schedule planned() {
        Order best = solved();
        List<Integer> sequence = new ArrayList<>(Arrays.stream(best.sequence()).boxed().toList());
        List<Integer> placed = sequence.stream().filter(i -> arrivals.get(i).place() > 0)
            .sorted(Comparator.comparingInt(i -> arrivals.get(i).place())).toList();
        if (placed.isEmpty()) {
            return dated(best);
        }
        sequence.removeAll(placed);
        placed.forEach(i -> sequence.add(Math.min(arrivals.get(i).place() - 1, sequence.size()), i));
        int[] order = sequence.stream().mapToInt(Integer::intValue).toArray();
        return dated(new Order(order, problem.priceOf(order), best.bound(), false));
    }

    public Schedule best() {
        return dated(solved());
    }

    private Order solved() {
        return problem.size() <= ExactOrder.MOST ? ExactOrder.solve(problem) : BeamOrder.solve(problem);
    }

    /**
     * The same arrivals in the keeper's own order, priced the same way.
     *
     * @param partyIds the party that stands for each arrival, in order; those not named follow in the best order
     */
    public Schedule byHand(List<String> partyIds) {
        List<Integer> sequence = new ArrayList<>();
        for (String id : partyIds) {
            for (int i = 0; i < arrivals.size(); i++) {
                if (!sequence.contains(i) && arrivals.get(i).parties().stream().anyMatch(p -> p.id().equals(id))) {
                    sequence.add(i);
                }
            }
        }
        if (sequence.size() < arrivals.size()) {
            Arrays.stream(solved().sequence()).filter(i -> !sequence.contains(i)).forEach(sequence::add);
        }
        int[] order = sequence.stream().mapToInt(Integer::intValue).toArray();
        return dated(new Order(order, problem.priceOf(order), BeamOrder.bound(problem), false));
    }

    private Schedule dated(Order order) {
        List<Arrival> sequence = Arrays.stream(order.sequence()).mapToObj(arrivals::get).toList();
        List<Method> methods = new ArrayList<>();
        for (int i = 0; i < sequence.size(); i++) {
            methods.add(Method.against(meets(sequence, i), sequence.get(i).parties().size() > 1, sequence.get(i).byBox()));
        }
        List<Calendar.Slot> slots = new Calendar(plan).slots(sequence, methods, problem, order.sequence());
        WhyHere whyHere = new WhyHere(plan, problem, order.sequence(), arrivals, quarters);
        List<Dated> steps = new ArrayList<>();
        for (int i = 0; i < sequence.size(); i++) {
            Calendar.Slot slot = slots.get(i);
            steps.add(new Dated(i + 1, sequence.get(i), slot.quarantineFrom(), slot.boxFrom(), slot.releaseOn(), methods.get(i),
                slot.place(), whyHere.sentences(i)));
        }
        return new Schedule(steps, Prices.points(order.price()), Prices.points(order.bound()), order.exact());
    }

    /** The hardest press that any of it meets from who is there by then. */
    private Step meets(List<Arrival> sequence, int position) {
        List<Party> there = new ArrayList<>(plan.residents());
        sequence.subList(0, position).forEach(a -> there.addAll(a.parties()));
        double most = 0;
        for (Party newcomer : sequence.get(position).parties()) {
            for (Party p : there) {
                most = Math.max(most, Tension.index(quarters.meet(p, p.lengthOn(plan.startOn()), newcomer, newcomer.lengthCm(),
                    Encounter.Order.AGGRESSOR_FIRST, false)));
            }
        }
        return Tension.stepOf(most);
    }
}
