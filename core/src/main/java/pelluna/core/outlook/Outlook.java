package pelluna.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import pelluna.core.arrivals.Schedule;
import pelluna.core.grounds.Grounds;
import pelluna.core.grounds.Homes;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Convert;

/**
 * The tank on any day of the plan's life: who is in it, how large, and who presses whom. Immutable; the grounds are
 * settled
 * once, and a day costs O(fish²).
 */
public final class Outlook {
    /** A fish counts as fully grown at this share of its adult length. */
    public static final double GROWN = 0.95;

    private static final double MOST_YEARS = 12;

    private final Plan plan;
    private final List<Presence> everybody;
    /** By id, the place in the order in which they come. */
    private final Map<String, Integer> place = new HashMap<>();

    private final Quarters quarters;
    private final Homes homes;

    public Outlook(Plan plan, Schedule schedule) {
        this.plan = plan;
        this.everybody = Presence.of(plan, schedule);
        everybody.forEach(p -> place.put(p.party().id(), place.size()));
        List<Party> company = everybody.stream().map(Presence::party).toList();
        this.quarters = Quarters.of(plan.tank(), company);
        this.homes = Homes.of(plan.tank(), company, quarters.grounds());
    }

    public Plan plan() {
        return plan;
    }

    /** Residents and planned arrivals, in the order in which they come. */
    public List<Presence> everybody() {
        return everybody;
    }

    public List<Presence> on(LocalDate day) {
        return everybody.stream().filter(p -> p.there(day)).toList();
    }

    public Optional<Presence> find(String partyId) {
        return everybody.stream().filter(p -> p.party().id().equals(partyId)).findFirst();
    }

    public Grounds grounds() {
        return quarters.grounds();
    }

    public Homes homes() {
        return homes;
    }

    /** Every pair that is in the tank on the day, both ways, hardest first. */
    public List<Press> presses(LocalDate day) {
        List<Presence> there = on(day);
        List<Press> found = new ArrayList<>();
        for (int i = 0; i < there.size(); i++) {
            for (int j = i + 1; j < there.size(); j++) {
                Encounter meeting = encounter(there.get(i), there.get(j), day);
                found.add(new Press(there.get(i), there.get(j), Tension.index(meeting)));
                found.add(new Press(there.get(j), there.get(i), Tension.index(meeting.reversed())));
            }
        }
        found.sort(Comparator.comparingDouble(Press::index)
                .reversed()
                .thenComparing(p -> p.aggressor().party().id())
                .thenComparing(p -> p.target().party().id()));
        return found;
    }

    public Press press(Presence aggressor, Presence target, LocalDate day) {
        return new Press(aggressor, target, Tension.index(encounter(aggressor, target, day)));
    }

    /** The same with every driver and factor. */
    public Tension explain(Presence aggressor, Presence target, LocalDate day) {
        return Tension.of(encounter(aggressor, target, day));
    }

    public Encounter encounter(Presence aggressor, Presence target, LocalDate day) {
        boolean first =
                place.get(aggressor.party().id()) < place.get(target.party().id());
        Encounter.Order order = dealtAnew(aggressor, target, day)
                ? Encounter.Order.ANEW
                : first ? aggressor.before(target) : target.before(aggressor).reversed();
        boolean boxed = (first ? target : aggressor).party().hand().box();
        return quarters.meet(
                aggressor.party(),
                aggressor.party().lengthOn(day),
                target.party(),
                target.party().lengthOn(day),
                order,
                boxed);
    }

    /** Whether two residents have both gone out and come back in together by a day. */
    private boolean dealtAnew(Presence one, Presence other, LocalDate day) {
        return everybody.stream()
                .anyMatch(p -> !p.from().isAfter(day)
                        && p.anew().contains(one.party().id())
                        && p.anew().contains(other.party().id()));
    }

    /**
     * Who can swallow whom, and which crustaceans and snails are hunted, from the day on which both are there; soonest
     * first.
     */
    public List<Eaten> eaten() {
        List<Eaten> found = new ArrayList<>();
        for (Presence eater : everybody) {
            for (Presence prey : everybody) {
                if (eater != prey) {
                    Eaten.of(
                                    eater.party(),
                                    prey.party(),
                                    eater.from().isAfter(prey.from()) ? eater.from() : prey.from())
                            .ifPresent(found::add);
                }
            }
        }
        Eaten.in(plan).stream()
                .filter(e -> e.prey().isEmpty())
                .forEach(e -> find(e.eater().id())
                        .ifPresent(p -> found.add(new Eaten(p.party(), e.prey(), e.eaten(), p.from(), e.reason()))));
        found.removeIf(e -> gone(e.eater(), e.from())
                || e.prey().map(p -> gone(p, e.from())).orElse(false));
        found.sort(Comparator.comparing(Eaten::from));
        return found;
    }

    private static boolean gone(Party p, LocalDate day) {
        return p.hand().leaves().map(l -> !l.on().isAfter(day)).orElse(false);
    }

    /** The day the last arrival is in; the plan's start without arrivals. */
    public LocalDate lastArrival() {
        return everybody.stream().map(Presence::from).max(LocalDate::compareTo).orElse(plan.startOn());
    }

    /** The day by which everybody has reached {@value #GROWN} of its adult length, twelve years at most. */
    public LocalDate fullyGrown() {
        return everybody.stream().map(this::grown).max(LocalDate::compareTo).orElse(plan.startOn());
    }

    private LocalDate grown(Presence p) {
        OptionalDouble days = p.party()
                .growth()
                .daysUntil(p.party().lengthCm(), GROWN * p.party().growth().finalCm());
        LocalDate day = p.party().from().plusDays((long)
                Math.ceil(Math.min(days.orElse(0), MOST_YEARS * Convert.DAYS_PER_YEAR)));
        return day.isBefore(p.from()) ? p.from() : day;
    }
}
