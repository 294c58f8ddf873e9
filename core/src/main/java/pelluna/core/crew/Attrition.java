package pelluna.core.crew;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.distribution.continuous.GammaDistribution;
import pelluna.core.units.Convert;

/**
 * How fast a crew dwindles, from counts: losses over animal-months, with the exact interval of a Poisson rate (Garwood
 * 1936). Between two counts
 * those in between are taken as the mean of the two. Counting crews is rough: hidden ones come up again, and then a
 * count is above the last.
 *
 * @param lost   between the first count and the last; finds of hidden ones are set off, never below 0
 * @param months animal-months: one animal for one month
 * @param low    a month for each animal
 * @param high   likewise; infinite where nobody was counted over any time
 */
public record Attrition(int lost, double months, double low, double high) {
    private static final double TAIL = 0.025;

    /** A count on a day. @param count how many there were, before any came; @param added how many came then */
    public record Count(LocalDate on, int count, int added) {
        public Count {
            if (count < 0 || added < 0) {
                throw new IllegalArgumentException("counts are 0 or more");
            }
        }
    }

    public static Attrition of(List<Count> counts) {
        List<Count> order =
                counts.stream().sorted(Comparator.comparing(Count::on)).toList();
        int lost = 0;
        double months = 0;
        for (int i = 1; i < order.size(); i++) {
            int from = order.get(i - 1).count() + order.get(i - 1).added();
            int to = order.get(i).count();
            lost += from - to;
            months += (from + to)
                    / 2.0
                    * ChronoUnit.DAYS.between(
                            order.get(i - 1).on(), order.get(i).on())
                    / Convert.DAYS_PER_MONTH;
        }
        return of(Math.max(0, lost), months);
    }

    private static Attrition of(int d, double months) {
        return new Attrition(
                d,
                months,
                d == 0 || months == 0 ? 0 : new GammaDistribution(d, 1).inverseCumulativeProbability(TAIL) / months,
                months == 0
                        ? Double.POSITIVE_INFINITY
                        : new GammaDistribution(d + 1.0, 1).inverseCumulativeProbability(1 - TAIL) / months);
    }

    /** Of both together. */
    public Attrition and(Attrition other) {
        return of(lost + other.lost, months + other.months);
    }

    public boolean known() {
        return months > 0;
    }

    /** Losses a month for each animal; 0 where nothing is known. */
    public double rate() {
        return months > 0 ? lost / months : 0;
    }

    /** Share that is gone after a month at this rate, 0 to 1. */
    public double shareAMonth() {
        return gone(rate());
    }

    /** The same at the lower end of the interval. */
    public double lowShareAMonth() {
        return gone(low);
    }

    /** The same at its upper end; 1 where nothing is known. */
    public double highShareAMonth() {
        return gone(high);
    }

    private static double gone(double rate) {
        return 1 - Math.exp(-rate);
    }

    /** As many as it takes in a year to keep a number up. */
    public double toReplaceAYear(int kept) {
        return rate() * 12 * kept;
    }
}
