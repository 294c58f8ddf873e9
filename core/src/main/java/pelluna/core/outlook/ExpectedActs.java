package pelluna.core.outlook;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleBiFunction;
import pelluna.core.arrivals.Schedule;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * How many acts the model expects of each resident against the others in the hours that were watched: the sum over its
 * targets of the rate at
 * their tension, times the hours since both were there. Taken at today's sizes, without any record.
 */
public final class ExpectedActs {
    private final List<Press> presses;

    /** Of a plan as it is on its first day. */
    public ExpectedActs(Plan plan) {
        Plan kinds = plan.wishing(List.of());
        for (Party p : plan.residents()) {
            kinds = kinds.with(p.seen(OwnRecord.NONE));
        }
        presses = List.copyOf(new Outlook(kinds, new Schedule(List.of(), 0, 0, true)).presses(plan.startOn()));
    }

    /**
     * @param hours watched while both were in the tank
     * @return by id of the resident
     */
    public Map<String, Double> in(ToDoubleBiFunction<Party, Party> hours) {
        Map<String, Double> expected = new HashMap<>();
        for (Press p : presses) {
            double watched =
                    hours.applyAsDouble(p.aggressor().party(), p.target().party());
            expected.merge(p.aggressor().party().id(), OwnRecord.rate(p.index()) * watched, Double::sum);
        }
        return expected;
    }
}
