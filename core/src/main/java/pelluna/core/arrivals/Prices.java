package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.List;

import pelluna.core.catalogue.Stance;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Setting;
import pelluna.core.sieve.TankAge;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Measures;

/**
 * What each pair of arrivals costs in either order: expected tension, half of it on the day of the second and half when
 * all are grown, with a Surge weighing as much as a hundred Ripples (Pelluna's judgement). Ties go to the smaller load
 * first, then to the more wanted.
 */
final class Prices {
    private static final double SURGE_PENALTY = 3000;
    private static final int TIE_BITS = 24;
    private static final long SMALLER_LOAD_FIRST = 64;

    private final Quarters quarters;
    private final List<Arrival> arrivals;
    private final Plan plan;

    Prices(Plan plan, List<Arrival> arrivals, Quarters quarters) {
        this.plan = plan;
        this.quarters = quarters;
        this.arrivals = arrivals;
    }

    OrderProblem problem() {
        int n = arrivals.size();
        long[][] price = new long[n][n];
        int[] earliest = new int[n];
        int[] gap = new int[n];
        for (int v = 0; v < n; v++) {
            for (int u = 0; u < n; u++) {
                if (v != u) {
                    price[v][u] = (Math.round(1000 * tension(v, u)) << TIE_BITS) + tie(v, u);
                }
            }
            earliest[v] = earliest(arrivals.get(v));
            gap[v] = gapAfter(arrivals.get(v), plan.stance());
        }
        return new OrderProblem(price, earliest, gap);
    }

    /** The price of an order in points of tension. */
    static double points(long price) {
        return (price >> TIE_BITS) / 1000.0;
    }

    /** Days after an arrival: for a single fish and for more. Common practice; Bold is Pelluna's judgement. */
    static int gapAfter(Arrival a, Stance stance) {
        return switch (stance) {
            case BOLD -> a.group() ? 21 : 10;
            case CUSTOMARY -> a.group() ? 28 : 14;
            case CAUTIOUS -> a.group() ? 35 : 21;
        };
    }

    private int earliest(Arrival a) {
        LocalDate start = plan.startOn();
        LocalDate ripe = a.parties().stream().map(p -> TankAge.ripeOn(new Setting(plan, p, Measures.metric())))
            .max(LocalDate::compareTo).orElse(start);
        return (int) Math.max(0, start.until(ripe, java.time.temporal.ChronoUnit.DAYS));
    }

    private double tension(int v, int u) {
        double sum = 0;
        for (Party first : arrivals.get(v).parties()) {
            for (Party later : arrivals.get(u).parties()) {
                sum += 0.5 * (pair(first, grownByThen(first), later, later.lengthCm())
                    + pair(first, first.adultCm(), later, later.adultCm()));
            }
        }
        return sum;
    }

    /** The first has had one gap of its own to grow when the next comes. */
    private double grownByThen(Party p) {
        return p.lengthOn(p.from().plusDays(gapAfter(new Arrival(List.of(p)), plan.stance())));
    }

    private double pair(Party first, double firstCm, Party later, double laterCm) {
        return weighed(Tension.index(quarters.meet(first, firstCm, later, laterCm, Encounter.Order.AGGRESSOR_FIRST, later.hand().box())))
            + weighed(Tension.index(quarters.meet(later, laterCm, first, firstCm, Encounter.Order.TARGET_FIRST, later.hand().box())));
    }

    private static double weighed(double index) {
        return index + (index >= Tension.SURGE_FROM ? SURGE_PENALTY : 0);
    }

    private long tie(int v, int u) {
        Arrival first = arrivals.get(v);
        Arrival later = arrivals.get(u);
        return (first.load() > later.load() ? SMALLER_LOAD_FIRST : 0) + (first.want() < later.want() ? 1 : 0);
    }
}
