package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.capacity.Filter;
import pelluna.core.plan.Fallow;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Pods;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.water.Nitrifiers;
import pelluna.core.water.NitrogenCycle;

/** What a keeper has to think of when fish come back after a fallow time. Common practice; the shares are computed. */
public final class Restock {
    private Restock() {}

    /** Something to do on a day. */
    public record Reminder(LocalDate on, String title, String says) {}

    /**
     * Share of its bacteria that the filter still has after so many days without fish, 0 to 1, from a load in mg/L a
     * day.
     */
    public static double awake(double load, long days, double celsius) {
        Nitrifiers n = Nitrifiers.ofAmmonia(celsius);
        double left =
                NitrogenCycle.BASE_LOAD + Math.max(0, load - NitrogenCycle.BASE_LOAD) * Math.exp(-n.decay() * days);
        return Math.min(1, left / Math.max(load, NitrogenCycle.BASE_LOAD));
    }

    /** In the order of their days; empty if the plan is no restock. */
    public static List<Reminder> reminders(Plan plan) {
        if (plan.fallow().isEmpty()) {
            return List.of();
        }
        Fallow fallow = plan.fallow().get();
        LocalDate day = fallow.until();
        List<Reminder> all = new ArrayList<>();
        if (plan.tank().pods() != Pods.PLENTY) {
            all.add(new Reminder(
                    day.minusDays(14),
                    "Seed microfauna",
                    "Pods and worms had no fish to feed and none to spread them; give them two weeks before "
                            + "anybody hunts them, and pod-eaters months."));
        }
        all.add(new Reminder(
                day,
                "Restock begins: bottled bacteria",
                "The filter has gone to sleep. Bring bacteria, and switch the skimmer off as the label says, "
                        + "from about 8 hours to a day; look at the fish meanwhile, since it also gives air."));
        all.add(new Reminder(
                day.plusDays(1), "Skimmer back on", "After bottled bacteria it foams over easily: watch the cup."));
        for (int week : new int[] {1, 2, 3}) {
            all.add(new Reminder(
                    day.plusWeeks(week),
                    "Test ammonia and nitrite",
                    "Week " + week + " of the restock. The next fish waits while either shows."));
        }
        return all;
    }

    /**
     * What the fallow time has done to the filter, in a sentence. @param load that it had carried before, mg/L of
     * nitrogen a day
     */
    public static String filterSays(Plan plan, double load) {
        long days = plan.fallow().map(Fallow::days).orElse(0L);
        double share = awake(load, days, plan.tank().temperatureC());
        return "After " + English.count((int) days, "day", "days") + " without fish about " + Math.round(100 * share)
                + " % of the bacteria are left of a filter that had carried "
                + Measures.number(load) + " mg/L of nitrogen a day, as one that has just cycled does; they would carry "
                + Measures.number(Measures.round(share * load * new Filter(plan.tank()).reserve(), 3))
                + " mg/L of nitrogen a day.";
    }
}
