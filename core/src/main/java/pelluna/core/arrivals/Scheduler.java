package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pelluna.core.introduction.Method;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Quarters;
import pelluna.core.units.Step;
import pelluna.core.units.Stop;

/** From wishes that go in to a dated order with reasons; and the price of an order made by hand. */
public final class Scheduler {
    private final Plan plan;
    private final Stop stop;
    private final List<Arrival> arrivals;
    private final OrderProblem problem;
    private final Quarters quarters;
    private final Encounters meets;
    private final double inside;

    public Scheduler(Plan plan, List<Party> taken) {
        this(plan, taken, Stop.NEVER);
    }

    /** @param stop when its searches end with the best that they have */
    public Scheduler(Plan plan, List<Party> taken, Stop stop) {
        this.plan = plan;
        this.stop = stop;
        this.arrivals = Arrival.of(taken);
        List<Party> company = new ArrayList<>(plan.residents());
        company.addAll(taken);
        this.quarters = Quarters.of(plan.tank(), company);
        this.meets = new Encounters(plan, arrivals, quarters);
        Prices prices = new Prices(plan, arrivals, quarters, meets);
        this.problem = prices.problem();
        this.inside = prices.inside();
    }

    /** Where the residents and all these arrivals settle. */
    public Quarters quarters() {
        return quarters;
    }

    /** The best order around what the keeper's hand has decided. */
    public Schedule planned() {
        return dated(solved(problem), problem);
    }

    /** The best order with all places and days left to Pelluna. */
    public Schedule best() {
        return dated(solved(problem.unpinned()), problem.unpinned());
    }

    /** What a schedule of these arrivals costs against the best, and mainly why. */
    public HandPrice price(Schedule hand) {
        return HandPrice.of(
                hand, best(), problem, arrivals, new WhyHere(plan, problem, new int[0], arrivals, quarters));
    }

    /**
     * What it costs, in points of tension, that the keeper has joined and parted arrivals: the best order of theirs
     * and the tension among those who go in together,
     * against the same as Pelluna would group them. Below 0 if it is calmer; empty if nothing was joined or parted.
     */
    public OptionalDouble groupingPrice() {
        List<Party> free = arrivals.stream()
                .flatMap(a -> a.parties().stream())
                .map(p -> p.by(p.hand().grouped(0)))
                .toList();
        if (arrivals.stream()
                .flatMap(a -> a.parties().stream())
                .allMatch(p -> p.hand().together() == 0)) {
            return OptionalDouble.empty();
        }
        Plan ungrouped = plan;
        for (Party p : free) {
            ungrouped = ungrouped.with(p);
        }
        return OptionalDouble.of(calmest() - new Scheduler(ungrouped, free, stop).calmest());
    }

    /** Tension of the best order, and of those who go in together, points. */
    private double calmest() {
        return Prices.points(solved(problem.unpinned()).price()) + inside;
    }

    private Order solved(OrderProblem p) {
        return p.size() <= ExactOrder.MOST ? ExactOrder.solve(p, stop) : BeamOrder.solve(p, stop);
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
            Arrays.stream(solved(problem).sequence())
                    .filter(i -> !sequence.contains(i))
                    .forEach(sequence::add);
        }
        int[] order = sequence.stream().mapToInt(Integer::intValue).toArray();
        return dated(new Order(order, problem.priceOf(order), BeamOrder.bound(problem), false), problem);
    }

    private Schedule dated(Order order, OrderProblem by) {
        List<Arrival> sequence =
                Arrays.stream(order.sequence()).mapToObj(arrivals::get).toList();
        List<Calendar.Slot> slots = Calendar.slots(plan.startOn(), by, order.sequence());
        WhyHere whyHere = new WhyHere(plan, by, order.sequence(), arrivals, quarters);
        List<Dated> steps = new ArrayList<>();
        for (int i = 0; i < sequence.size(); i++) {
            Calendar.Slot slot = slots.get(i);
            steps.add(dated(i, sequence.get(i), slot, method(order.sequence(), i), whyHere.of(i, slot.releaseOn())));
        }
        return new Schedule(
                steps, Prices.points(order.price()), Prices.points(order.bound()), order.exact(), order.stopped());
    }

    private Method method(int[] sequence, int position) {
        int u = sequence[position];
        Step hardest = meets.residents(u);
        for (int i = 0; i < position; i++) {
            hardest = hardest.atLeast(meets.arrival(sequence[i], u)) ? hardest : meets.arrival(sequence[i], u);
        }
        return arrivals.get(u).method(hardest);
    }

    private Dated dated(int i, Arrival arrival, Calendar.Slot slot, Method method, List<Why> why) {
        boolean quarantined = slot.quarantineFrom().isPresent();
        int places = plan.tank().quarantinePlaces();
        List<Party> rivals = Prices.rivals(plan, arrival, quarters);
        Optional<GroundAnew> anew = rivals.isEmpty()
                ? Optional.empty()
                : Optional.of(new GroundAnew(
                        slot.boxFrom(),
                        slot.releaseOn(),
                        rivals,
                        Places.needed(rivals, slot.boxFrom()) + (quarantined ? arrival.placesNeeded() : 0),
                        places));
        LocalDate box = method == Method.GROUND_ANEW ? slot.releaseOn() : slot.boxFrom();
        return new Dated(
                i + 1,
                arrival,
                slot.quarantineFrom(),
                box,
                slot.releaseOn(),
                method,
                slot.place(),
                why,
                quarantined ? arrival.placesNeeded() : 0,
                places,
                anew);
    }
}
