package pelluna.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.GroundAnew;
import pelluna.core.arrivals.Schedule;
import pelluna.core.plan.Hand;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Encounter;

/**
 * A party with the day from which it is in the tank.
 *
 * @param party as bought on that day
 * @param order place in the order of arrival; {@link #RESIDENT} for those who live there, {@link #UNPLANNED} for a
 * wish that is not in
 *              the plan
 * @param anew  ids of residents with whom it goes in on one day, the ground dealt anew
 */
public record Presence(Party party, LocalDate from, int order, List<String> anew) {
    public static final int RESIDENT = 0;
    public static final int UNPLANNED = Integer.MAX_VALUE;

    public Presence(Party party, LocalDate from, int order) {
        this(party, from, order, List.of());
    }

    /** Residents by the day they came, then the arrivals in their order. */
    public static List<Presence> of(Plan plan, Schedule schedule) {
        List<Presence> all = new ArrayList<>();
        plan.residents().stream()
                .sorted(Comparator.comparing(Party::since).thenComparing(Party.AS_PUT_IN))
                .forEach(p -> all.add(new Presence(p, plan.startOn(), RESIDENT)));
        for (Dated step : schedule.steps()) {
            step.arrival()
                    .parties()
                    .forEach(p -> all.add(new Presence(
                            p.bought(step.releaseOn()),
                            step.releaseOn(),
                            step.position(),
                            step.anew().map(GroundAnew::ids).orElse(List.of()))));
        }
        return all;
    }

    /** The day on which it is to leave again, if it is. */
    public Optional<LocalDate> until() {
        return party.hand().leaves().map(Hand.Leaving::on);
    }

    public boolean there(LocalDate day) {
        return !from.isAfter(day) && until().map(day::isBefore).orElse(true);
    }

    public boolean planned() {
        return order > 0;
    }

    /**
     * How this one stands to one that is later in the list: first, or together with it. Two residents are together if
     * they came on one
     * day, or if
     * nobody said when one of them came; so are two wishes that are not in the plan. The place in a list never counts.
     */
    public Encounter.Order before(Presence later) {
        boolean known = order != RESIDENT
                || party.dated() && later.party.dated() && party.since().isBefore(later.party.since());
        if (later.anew.contains(party.id())) {
            return Encounter.Order.ANEW;
        }
        return order == later.order && (order != RESIDENT || !known)
                ? Encounter.Order.TOGETHER
                : Encounter.Order.AGGRESSOR_FIRST;
    }
}
