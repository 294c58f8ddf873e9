package pelluna.core.odds;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.units.Convert;

/** Days on which a heater, a pump or the power fails so that fish are lost. */
final class Breakdowns {
    private static final double TAKES = 1.0 / 3;

    private final double everyDay;

    Breakdowns(Rates rates) {
        this.everyDay = rates.get(Rate.BREAKDOWNS) / Convert.DAYS_PER_YEAR;
    }

    /** Of one run, in their order: a Poisson process. */
    List<Integer> days(Chance luck) {
        List<Integer> days = new ArrayList<>();
        double at = 0;
        for (int n = 0; everyDay > 0; n++) {
            at += luck.stands(n) / everyDay;
            if (at >= Cast.DAYS) {
                break;
            }
            days.add((int) at);
        }
        return days;
    }

    /** Whether one takes a fish. @param nth of the run */
    static boolean takes(Chance luck, int nth) {
        return luck.of(nth) < TAKES;
    }
}
