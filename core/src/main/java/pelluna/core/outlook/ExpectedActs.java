package pelluna.core.outlook;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

import pelluna.core.arrivals.Schedule;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.plan.Plan;
import pelluna.core.units.Measures;

/**
 * How many acts the model expects of each resident against the others in the hours that were watched: the sum over its targets of the rate at
 * their tension, times the hours since both were there. Taken at today's sizes, without any record.
 */
public final class ExpectedActs {
    private ExpectedActs() { }

    /**
     * @param hoursSince hours watched from a day on
     * @return by id of the resident
     */
    public static Map<String, Double> of(Plan plan, ToDoubleFunction<LocalDate> hoursSince) {
        Plan kinds = plan.wishing(List.of());
        for (var p : plan.residents()) {
            kinds = kinds.with(p.seen(OwnRecord.NONE));
        }
        Outlook outlook = new Outlook(kinds, new Schedule(List.of(), 0, 0, true), Measures.metric());
        Map<LocalDate, Double> hours = new HashMap<>();
        Map<String, Double> expected = new HashMap<>();
        for (Press p : outlook.presses(plan.startOn())) {
            LocalDate a = p.aggressor().party().since();
            LocalDate b = p.target().party().since();
            double watched = hours.computeIfAbsent(a.isAfter(b) ? a : b, hoursSince::applyAsDouble);
            expected.merge(p.aggressor().party().id(), OwnRecord.rate(p.index()) * watched, Double::sum);
        }
        return expected;
    }
}
