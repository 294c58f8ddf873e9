package pelluna.core.arrivals;

import pelluna.core.capacity.Filter;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.Plan;

/**
 * How many days the tank is left alone after an arrival: for a single fish and for more, by common practice; longer for
 * the Cautious and after a fallow time. The Bold wait as long as the filter needs to grow to the new load, and half as
 * long again (Pelluna's judgement).
 */
final class DaysBetween {
    private static final int SINGLE = 14;
    private static final int GROUP = 28;
    private static final int CAUTIOUS_SINGLE = 21;
    private static final int CAUTIOUS_GROUP = 35;
    /** So many times as long as the filter needs. Pelluna's judgement, as are the least and the most. */
    private static final double SURE = 1.5;

    private static final int BOLD_LEAST = 4;
    private static final int BOLD_SINGLE_MOST = 10;
    private static final int BOLD_GROUP_MOST = 21;

    private final Plan plan;

    DaysBetween(Plan plan) {
        this.plan = plan;
    }

    int after(Arrival a) {
        return switch (plan.fallow().isPresent() ? Stance.CAUTIOUS : plan.stance()) {
            case BOLD -> bold(a);
            case CUSTOMARY -> a.group() ? GROUP : SINGLE;
            case CAUTIOUS -> a.group() ? CAUTIOUS_GROUP : CAUTIOUS_SINGLE;
        };
    }

    private int bold(Arrival a) {
        Filter filter = new Filter(plan.tank());
        double standing = filter.standing(plan);
        double days = SURE * filter.daysToGrow(standing, standing + filter.load(a.loadAtFirst()));
        int most = a.group() ? BOLD_GROUP_MOST : BOLD_SINGLE_MOST;
        return (int) Math.max(BOLD_LEAST, Math.min(most, Math.ceil(days)));
    }
}
