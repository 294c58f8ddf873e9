package pelluna.core.arrivals;

import java.util.Arrays;
import java.util.BitSet;

/**
 * How far an order has come on the calendar: in days after the start, when the next may go in and when each quarantine
 * place is
 * free; and what the days by the keeper's hand have cost so far. Immutable.
 *
 * @param ready first day on which the next may be released
 * @param free  first day on which each quarantine place is free
 * @param late  days by which arrivals with a day of their own come too late, in all
 * @param idle  days on which the tank only waited for a day by hand, in all
 */
record Timeline(int ready, int[] free, int late, int idle) {
    static Timeline start(OrderProblem p) {
        return new Timeline(0, new int[p.quarantine().places()], 0, 0);
    }

    /**
     * One arrival on the calendar, in days after the start.
     *
     * @param quarantineFrom −1 without quarantine
     * @param place          quarantine place from 1; 0 without
     */
    record Slot(int quarantineFrom, int boxFrom, int releaseOn, int place, Timeline after) {
        private Slot with(int late, int idle) {
            return new Slot(
                    quarantineFrom, boxFrom, releaseOn, place, new Timeline(after.ready, after.free, late, idle));
        }
    }

    /**
     * Puts the next arrival in: as early as the gap, the tank's age, a free place and the box allow, or on its own
     * day.
     */
    Slot then(OrderProblem p, int u, int boxDays) {
        int own = p.pins().day()[u];
        Slot soonest = from(p, u, boxDays, Math.max(ready, own >= 0 ? 0 : p.earliest()[u]));
        if (own < 0) {
            return soonest;
        }
        if (soonest.releaseOn() >= own) {
            return soonest.with(late + soonest.releaseOn() - own, idle);
        }
        return from(p, u, boxDays, own).with(late, idle + own - soonest.releaseOn());
    }

    private Slot from(OrderProblem p, int u, int boxDays, int target) {
        if (free.length == 0) {
            int box = Math.max(0, target - boxDays);
            int release = Math.max(target, box + boxDays);
            return new Slot(-1, box, release, 0, new Timeline(release + p.gap()[u], free, late, idle));
        }
        int[] soonest = soonestFree();
        int takes = Math.min(p.quarantine().takes()[u], free.length);
        int holds = Math.min(p.quarantine().holds()[u], free.length - takes);
        int days = p.quarantine().days()[u];
        int begin = Math.max(free[soonest[takes - 1]], target - boxDays - days);
        int over = begin + days;
        int boxFrom = holds == 0 ? over : Math.max(over, free[soonest[takes + holds - 1]]);
        int release = boxFrom + boxDays;
        int[] then = free.clone();
        for (int k = 0; k < takes + holds; k++) {
            then[soonest[k]] = holds > 0 ? release : over;
        }
        return new Slot(begin, boxFrom, release, soonest[0] + 1, new Timeline(release + p.gap()[u], then, late, idle));
    }

    /** The places in the order in which they are free. */
    private int[] soonestFree() {
        int[] order = new int[free.length];
        for (int i = 0; i < order.length; i++) {
            int at = i;
            while (at > 0 && free[order[at - 1]] > free[i]) {
                order[at] = order[at - 1];
                at--;
            }
            order[at] = i;
        }
        return order;
    }

    /**
     * Days too late in the end, at least: those that there are, and those of everybody still out who could no longer
     * come on its own day even if it came next.
     */
    int lateAtLeast(OrderProblem p, BitSet in) {
        int days = late;
        for (int u = in.nextClearBit(0); u < p.size(); u = in.nextClearBit(u + 1)) {
            if (p.pins().day()[u] >= 0) {
                days += then(p, u, p.quarantine().boxAlone()[u]).after().late - late;
            }
        }
        return days;
    }

    /** What the days by hand cost: idle days, priced. */
    long waiting(OrderProblem p) {
        return idle * p.pins().waitingADay();
    }

    /** How many days at most this one is ahead of another, over all that has a day; 0 or less if nowhere ahead. */
    int ahead(Timeline other) {
        int most = other.ready - ready;
        int[] mine = sorted();
        int[] theirs = other.sorted();
        for (int i = 0; i < mine.length; i++) {
            most = Math.max(most, theirs[i] - mine[i]);
        }
        return most;
    }

    private int[] sorted() {
        if (free.length < 2) {
            return free;
        }
        int[] sorted = free.clone();
        Arrays.sort(sorted);
        return sorted;
    }

    /** Whether nothing here comes later than in another. */
    boolean noLater(Timeline other) {
        return ready <= other.ready && late <= other.late && noLaterPlaces(other);
    }

    private boolean noLaterPlaces(Timeline other) {
        int[] mine = sorted();
        int[] theirs = other.sorted();
        for (int i = 0; i < mine.length; i++) {
            if (mine[i] > theirs[i]) {
                return false;
            }
        }
        return true;
    }
}
