package pelluna.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.Schedule;
import pelluna.core.plan.Hand;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tension.Encounter;

/**
 * A party with the day from which it is in the tank.
 *
 * @param party as bought on that day
 * @param order place in the order of arrival; −1 lived there before the plan, 0 came on its first day
 */
public record Presence(Party party, LocalDate from, int order) {
    /** Residents by the day they came, then the arrivals in their order. */
    public static List<Presence> of(Plan plan, Schedule schedule) {
        List<Presence> all = new ArrayList<>();
        plan.residents().stream().sorted(Comparator.comparing(Party::since).thenComparing(Party::id))
            .forEach(p -> all.add(new Presence(p, plan.startOn(), p.since().isBefore(plan.startOn()) ? -1 : 0)));
        for (Dated step : schedule.steps()) {
            step.arrival().parties().forEach(p -> all.add(new Presence(p.bought(step.releaseOn()), step.releaseOn(), step.position())));
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

    /** How this one stands to one that is later in the list: first, or together with it. */
    public Encounter.Order before(Presence later) {
        return order == later.order && order > 0 && order != Integer.MAX_VALUE ? Encounter.Order.TOGETHER : Encounter.Order.AGGRESSOR_FIRST;
    }
}
