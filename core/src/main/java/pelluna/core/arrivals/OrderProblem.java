package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;
import java.util.function.IntPredicate;

/**
 * The order of arrival as numbers. The price of an order is the sum of {@code price[v][u]} over all pairs with v
 * before u.
 *
 * <p>Who may come next depends on the set that is in the tank alone, so that the rules are the same for every solver:
 * <ul>
 * <li>an arrival with a place of its own comes at that place and nowhere else;
 * <li>precedence: an arrival with an earliest day may come once what is in the tank has taken that long; if nothing
 * may, the one
 * that is ready first;
 * <li>filter: an arrival may not bring more load than the bacteria carry that the load before it has grown; if each
 * would, those
 * that bring least, up to twice as much.
 * </ul>
 * An arrival with a day of its own waits for it: every day that the tank waits idle counts, and every day too late
 * outweighs all else.
 *
 * @param price    price of v before u in thousandths of tension, ties in the low bits; see {@link Prices}
 * @param earliest days from the start before which an arrival may not go in
 * @param gap      days after an arrival before the next
 */
public record OrderProblem(
        long[][] price, int[] earliest, int[] gap, Pins pins, Quarantining quarantine, FilterLimit filter) {
    /**
     * Where each brings too much, loads up to so many times the least are taken for small alike. Pelluna's judgement.
     */
    private static final double NEAR_LEAST = 2;

    /**
     * What the keeper's hand has decided: a place from 1 (0 for none) and a day after the start (−1 for none) for each
     * arrival.
     */
    public record Pins(int[] place, int[] day, long waitingADay) {
        static Pins none(int n) {
            int[] day = new int[n];
            Arrays.fill(day, -1);
            return new Pins(new int[n], day, 0);
        }

        boolean days() {
            return Arrays.stream(day).anyMatch(d -> d >= 0);
        }
    }

    /**
     * @param places   quarantine places; 0 without quarantine
     * @param days     of quarantine, by arrival
     * @param boxAlone days in the box because of those who live there
     * @param box      days in the box of the second because of the first
     * @param takes    places that an arrival needs in quarantine, 1 or more: as many as it has fish that can't share
     * one
     * @param holds    places that it needs besides while the ground is dealt anew; 0 for most
     */
    public record Quarantining(int places, int[] days, int[] boxAlone, int[][] box, int[] takes, int[] holds) {
        public Quarantining(int places, int[] days, int[] boxAlone, int[][] box) {
            this(places, days, boxAlone, box, ones(days.length), new int[days.length]);
        }

        private static int[] ones(int n) {
            int[] ones = new int[n];
            Arrays.fill(ones, 1);
            return ones;
        }

        static Quarantining none(int n) {
            return new Quarantining(0, new int[n], new int[n], new int[n][n]);
        }
    }

    /**
     * Loads in any one unit.
     *
     * @param load     of each arrival
     * @param standing load that the bacteria have grown under when the plan starts, above 0
     * @param reserve  times the grown load that they carry; infinite leaves the filter out
     */
    public record FilterLimit(double[] load, double standing, double reserve) {
        static FilterLimit none(int n) {
            return new FilterLimit(new double[n], 1, Double.POSITIVE_INFINITY);
        }
    }

    public OrderProblem(long[][] price, int[] earliest, int[] gap) {
        this(price, earliest, gap, Pins.none(gap.length), Quarantining.none(gap.length), FilterLimit.none(gap.length));
    }

    public int size() {
        return gap.length;
    }

    /** The same arrivals with nothing decided by hand. */
    OrderProblem unpinned() {
        return new OrderProblem(price, earliest, gap, Pins.none(size()), quarantine, filter);
    }

    /** The same arrivals with a filter that carries anything. */
    OrderProblem unfiltered() {
        return new OrderProblem(price, earliest, gap, pins, quarantine, FilterLimit.none(size()));
    }

    /** The price of a whole order; O(n²). */
    public long priceOf(int[] order) {
        long sum = 0;
        for (int j = 1; j < order.length; j++) {
            for (int i = 0; i < j; i++) {
                sum += price[order[i]][order[j]];
            }
        }
        return sum;
    }

    /** What the rules need to know of a set, all of it independent of its order. */
    record Tally(int size, int gaps, int latest, double load) {
        static final Tally EMPTY = new Tally(0, 0, 0, 0);

        Tally with(OrderProblem p, int u) {
            return new Tally(
                    size + 1, gaps + p.gap[u], Math.max(latest, p.soonest(u) + p.gap[u]), load + p.filter.load[u]);
        }
    }

    /** The earliest day that counts: a day by the keeper's hand stands over the tank's age. */
    private int soonest(int u) {
        return pins.day[u] >= 0 ? 0 : earliest[u];
    }

    /** Who may come next after the set in the tank; never empty while somebody is out. O(n). */
    int[] next(Tally tally, BitSet in) {
        int[] out = new int[size() - tally.size];
        int count = 0;
        for (int u = in.nextClearBit(0); u < size(); u = in.nextClearBit(u + 1)) {
            out[count++] = u;
        }
        return Arrays.copyOf(out, next(tally, out, count));
    }

    /**
     * The same without a new array: of those who are out, keeps in front who may come next.
     *
     * @return how many may
     */
    int next(Tally tally, int[] out, int count) {
        int free = 0;
        for (int i = 0; i < count; i++) {
            if (pins.place[out[i]] == tally.size + 1) {
                out[0] = out[i];
                return 1;
            }
            free += pins.place[out[i]] == 0 ? 1 : 0;
        }
        int left = free == 0 ? count : keep(out, count, u -> pins.place[u] == 0);
        int first = Integer.MAX_VALUE;
        for (int i = 0; i < left; i++) {
            first = Math.min(first, soonest(out[i]));
        }
        int day = Math.max(Math.max(tally.gaps, tally.latest), first);
        left = keep(out, left, u -> soonest(u) <= day);
        return carried(out, left, filter.standing + tally.load);
    }

    private int carried(int[] out, int count, double grown) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < count; i++) {
            least = Math.min(least, filter.load[out[i]]);
        }
        double most = Math.max(NEAR_LEAST * least, (filter.reserve - 1) * grown);
        return keep(out, count, u -> filter.load[u] <= most);
    }

    private static int keep(int[] out, int count, IntPredicate which) {
        int kept = 0;
        for (int i = 0; i < count; i++) {
            if (which.test(out[i])) {
                out[kept++] = out[i];
            }
        }
        return kept;
    }

    /** Days that an arrival spends in the box: for those who live there and those who are in by then. */
    int boxDays(int u, BitSet in) {
        int days = quarantine.boxAlone[u];
        for (int v = in.nextSetBit(0); v >= 0; v = in.nextSetBit(v + 1)) {
            days = Math.max(days, quarantine.box[v][u]);
        }
        return days;
    }

    /** Whether every step of an order keeps the rules; O(n²). */
    public boolean keepsRules(int[] order) {
        BitSet in = new BitSet();
        Tally tally = Tally.EMPTY;
        for (int u : order) {
            if (Arrays.stream(next(tally, in)).noneMatch(may -> may == u)) {
                return false;
            }
            in.set(u);
            tally = tally.with(this, u);
        }
        return true;
    }

    /** Days too late and idle days of a whole order, as it runs by its gaps and quarantine places. */
    Timeline timelineOf(int[] order) {
        Timeline t = Timeline.start(this);
        BitSet in = new BitSet();
        for (int u : order) {
            t = t.then(this, u, boxDays(u, in)).after();
            in.set(u);
        }
        return t;
    }
}
