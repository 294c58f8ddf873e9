package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.core.capacity.Filter;
import pelluna.core.plan.Fallow;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Pods;
import pelluna.core.units.Statement;
import pelluna.core.water.Nitrifiers;
import pelluna.core.water.NitrogenCycle;

/** What a keeper has to think of when fish come back after a fallow time. Common practice; the shares are computed. */
public final class Restock {
    private Restock() {}

    /** What there is to be reminded of. */
    public enum Kind {
        SEED_MICROFAUNA,
        BACTERIA,
        SKIMMER_ON,
        TEST
    }

    /** Something to do on a day. @param week of the restock, from 1; 0 where it does not matter */
    public record Reminder(LocalDate on, Kind kind, int week) implements Statement {}

    /**
     * What a fallow time leaves of a filter.
     *
     * @param percent of its bacteria
     * @param load    that it had carried before, mg/L of nitrogen a day
     * @param carries what it would carry now, in the same unit
     */
    public record FilterAsleep(int days, long percent, double load, double carries) implements Statement {}

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
            all.add(new Reminder(day.minusDays(14), Kind.SEED_MICROFAUNA, 0));
        }
        all.add(new Reminder(day, Kind.BACTERIA, 0));
        all.add(new Reminder(day.plusDays(1), Kind.SKIMMER_ON, 0));
        for (int week : new int[] {1, 2, 3}) {
            all.add(new Reminder(day.plusWeeks(week), Kind.TEST, week));
        }
        return all;
    }

    /** What the fallow time has done to the filter. @param load that it had carried, mg/L of nitrogen a day */
    public static FilterAsleep filter(Plan plan, double load) {
        long days = plan.fallow().map(Fallow::days).orElse(0L);
        double share = awake(load, days, plan.tank().temperatureC());
        return new FilterAsleep(
                (int) days, Math.round(100 * share), load, share * load * new Filter(plan.tank()).reserve());
    }
}
