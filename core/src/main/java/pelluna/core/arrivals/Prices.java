package pelluna.core.arrivals;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pelluna.core.capacity.Filter;
import pelluna.core.introduction.Method;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Setting;
import pelluna.core.sieve.TankAge;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.Tank;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;

/**
 * What each pair of arrivals costs in either order: expected tension, half of it on the day of the second and half when
 * all are grown, with a Surge weighing as much as a hundred Ripples (Pelluna's judgement); what {@link Delicacy} adds
 * where a
 * delicate fish comes after a dominant one; and {@link Roughness}, where the two orders cost about the same. Ties go
 * to the smaller
 * load first, then to the more wanted.
 */
final class Prices {
    private static final double SURGE_PENALTY = 3000;
    private static final int TIE_BITS = 24;
    private static final long SMALLER_LOAD_FIRST = 64;
    /**
     * A day on which the tank only waits for a day by hand weighs as much as so many thousandths of tension: a point.
     * Pelluna's judgement.
     */
    private static final long WAITING_A_DAY = 1000;
    /**
     * After a fallow time the bold wait for the timid: points for each step of boldness and timidity the wrong way
     * round. Pelluna's judgement.
     */
    private static final double TIMID_FIRST = 4;

    private final Quarters quarters;
    private final List<Arrival> arrivals;
    private final Plan plan;
    private final Encounters meets;
    private final DaysBetween between;

    Prices(Plan plan, List<Arrival> arrivals, Quarters quarters, Encounters meets) {
        this.plan = plan;
        this.meets = meets;
        this.quarters = quarters;
        this.arrivals = arrivals;
        this.between = new DaysBetween(plan);
    }

    OrderProblem problem() {
        int n = arrivals.size();
        long[][] price = new long[n][n];
        int[] earliest = new int[n];
        int[] gap = new int[n];
        int[] place = new int[n];
        int[] day = new int[n];
        double[] load = new double[n];
        Filter filter = new Filter(plan.tank());
        double[][] points = new double[n][n];
        for (int v = 0; v < n; v++) {
            for (int u = 0; u < n; u++) {
                points[v][u] = v == u ? 0 : tension(v, u) + delicacy(arrivals.get(v), arrivals.get(u));
            }
        }
        for (int v = 0; v < n; v++) {
            for (int u = 0; u < n; u++) {
                if (v != u) {
                    double rough = Roughness.points(arrivals.get(v), arrivals.get(u), points[v][u], points[u][v]);
                    price[v][u] = (Math.round(1000 * (points[v][u] + rough)) << TIE_BITS) + tie(v, u);
                }
            }
            earliest[v] = earliest(arrivals.get(v));
            gap[v] = between.after(arrivals.get(v));
            place[v] = arrivals.get(v).place();
            day[v] = arrivals.get(v)
                    .on()
                    .map(on -> (int) Math.max(0, plan.startOn().until(on, ChronoUnit.DAYS)))
                    .orElse(-1);
            load[v] = filter.load(arrivals.get(v).loadAtFirst());
        }
        return new OrderProblem(
                price,
                earliest,
                gap,
                new OrderProblem.Pins(places(place), day, WAITING_A_DAY << TIE_BITS),
                quarantining(),
                new OrderProblem.FilterLimit(load, filter.standing(plan), filter.reserve()));
    }

    /** Two that want one place get it and the next; nobody stands behind the last. */
    private static int[] places(int[] wanted) {
        int n = wanted.length;
        int[] given = new int[n];
        boolean[] taken = new boolean[n + 1];
        List<Integer> placed = IntStream.range(0, n)
                .filter(i -> wanted[i] > 0)
                .boxed()
                .sorted(Comparator.comparingInt(i -> wanted[i]))
                .toList();
        for (int i : placed) {
            int at = Math.min(wanted[i], n);
            while (at < n && taken[at]) {
                at++;
            }
            while (taken[at]) {
                at--;
            }
            taken[at] = true;
            given[i] = at;
        }
        return given;
    }

    private OrderProblem.Quarantining quarantining() {
        int n = arrivals.size();
        Tank tank = plan.tank();
        int[] days = new int[n];
        int[] alone = new int[n];
        int[][] box = new int[n][n];
        for (int u = 0; u < n; u++) {
            days[u] = arrivals.get(u).quarantineDays(tank.school());
            alone[u] = method(u, meets.residents(u)).boxDays(plan.stance());
            for (int v = 0; v < n; v++) {
                box[v][u] = v == u ? 0 : method(u, meets.arrival(v, u)).boxDays(plan.stance());
            }
        }
        int[] takes = arrivals.stream().mapToInt(Arrival::placesNeeded).toArray();
        int[] holds = arrivals.stream()
                .mapToInt(a -> Places.needed(rivals(plan, a, quarters), plan.startOn()))
                .toArray();
        return new OrderProblem.Quarantining(
                tank.school() == QuarantineSchool.NONE ? 0 : tank.quarantinePlaces(), days, alone, box, takes, holds);
    }

    private Method method(int u, Step meets) {
        return arrivals.get(u).method(meets);
    }

    /** Who stands against it among the residents, where the ground is dealt anew for it. */
    static List<Party> rivals(Plan plan, Arrival a, Quarters quarters) {
        return a.anew()
                ? a.parties().stream()
                        .flatMap(p -> Rivals.of(plan, p, quarters).stream())
                        .distinct()
                        .toList()
                : List.of();
    }

    /** The price of an order in points of tension. */
    static double points(long price) {
        return (price >> TIE_BITS) / 1000.0;
    }

    private int earliest(Arrival a) {
        LocalDate start = plan.startOn();
        LocalDate free = meets.notBefore(a);
        LocalDate ripe = a.parties().stream()
                .map(p -> TankAge.ripeOn(new Setting(plan, p)))
                .max(LocalDate::compareTo)
                .orElse(start);
        return Stream.concat(Stream.of(free, ripe), Rest.of(plan).map(Rest::until).stream())
                .mapToInt(day -> (int) start.until(day, ChronoUnit.DAYS))
                .reduce(0, Math::max);
    }

    private double tension(int v, int u) {
        double sum = 0;
        for (Party first : arrivals.get(v).parties()) {
            for (Party later : arrivals.get(u).parties()) {
                sum += 0.5
                        * (pair(first, grownByThen(first), later, later.lengthCm())
                                + pair(first, first.adultCm(), later, later.adultCm()));
            }
        }
        return sum
                + (plan.fallow().isPresent()
                        ? TIMID_FIRST * Math.max(0, boldness(arrivals.get(v)) - boldness(arrivals.get(u)))
                        : 0);
    }

    /** What it costs that the first arrival comes before the later, where one of the later is the more delicate. */
    static double delicacy(Arrival first, Arrival later) {
        double most = 0;
        for (Party one : first.parties()) {
            for (Party other : later.parties()) {
                most = Math.max(most, Delicacy.points(one.species(), other.species()));
            }
        }
        return most;
    }

    private static double boldness(Arrival a) {
        return a.parties().stream()
                .mapToInt(
                        p -> p.species().manner().bold() - p.species().manner().timid())
                .max()
                .orElse(0);
    }

    /** Expected tension, points, among those who go in together, weighed as between arrivals. */
    double inside() {
        double sum = 0;
        for (Arrival a : arrivals) {
            for (Party one : a.parties()) {
                for (Party other : a.parties()) {
                    if (one != other) {
                        boolean box = one.hand().box() || other.hand().box();
                        sum += 0.5
                                * (weighed(Tension.index(quarters.meet(
                                                one,
                                                one.lengthCm(),
                                                other,
                                                other.lengthCm(),
                                                Encounter.Order.TOGETHER,
                                                box)))
                                        + weighed(Tension.index(quarters.meet(
                                                one,
                                                one.adultCm(),
                                                other,
                                                other.adultCm(),
                                                Encounter.Order.TOGETHER,
                                                box))));
                    }
                }
            }
        }
        return sum;
    }

    /** The first has had one gap of its own to grow when the next comes. */
    private double grownByThen(Party p) {
        return p.lengthOn(p.from().plusDays(between.after(new Arrival(List.of(p)))));
    }

    private double pair(Party first, double firstCm, Party later, double laterCm) {
        return weighed(Tension.index(quarters.meet(
                        first,
                        firstCm,
                        later,
                        laterCm,
                        Encounter.Order.AGGRESSOR_FIRST,
                        later.hand().box())))
                + weighed(Tension.index(quarters.meet(
                        later,
                        laterCm,
                        first,
                        firstCm,
                        Encounter.Order.TARGET_FIRST,
                        later.hand().box())));
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
