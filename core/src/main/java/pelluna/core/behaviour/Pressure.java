package pelluna.core.behaviour;

import java.time.LocalDate;
import java.util.List;

/**
 * What a fish takes from others: received acts an hour, weighed by gravity, and its course over days.
 *
 * @param days oldest first
 */
public record Pressure(List<Day> days) {
    /** Days over which pressure is told. */
    public static final int DAYS = 7;

    /**
     * One day. @param weighed acts received in watches, weighed; @param acts counted plainly; @param outside acts seen
     * outside watches, which make no rate
     */
    public record Day(LocalDate on, double weighed, int acts, double hours, int outside) {
        /** Weighed acts an hour; NaN where nobody watched. */
        public double rate() {
            return hours > 0 ? weighed / hours : Double.NaN;
        }
    }

    public Pressure {
        days = List.copyOf(days);
    }

    /** Weighed acts an hour over all days; NaN where nobody watched. */
    public double rate() {
        double hours = hours();
        return hours > 0 ? days.stream().mapToDouble(Day::weighed).sum() / hours : Double.NaN;
    }

    public double hours() {
        return days.stream().mapToDouble(Day::hours).sum();
    }

    public int acts() {
        return days.stream().mapToInt(Day::acts).sum();
    }

    public int outside() {
        return days.stream().mapToInt(Day::outside).sum();
    }

    /** The later half of the days against the earlier. */
    public RateChange trend() {
        int half = days.size() / 2;
        return RateChange.between(stretch(days.subList(0, half)), stretch(days.subList(half, days.size())));
    }

    private static Stretch stretch(List<Day> some) {
        return some.stream().map(d -> new Stretch(d.acts(), d.hours())).reduce(Stretch.NOTHING, Stretch::and);
    }
}
