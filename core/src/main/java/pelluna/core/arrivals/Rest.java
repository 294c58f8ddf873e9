package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/** How long a tank is left alone after those who came last. */
public final class Rest {
    private Rest() {}

    /** The first day on which the next may come in after one that lives there. */
    public static LocalDate until(Plan plan, Party last) {
        return last.since().plusDays(new DaysBetween(plan).after(new Arrival(List.of(last))));
    }
}
