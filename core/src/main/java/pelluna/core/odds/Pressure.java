package pelluna.core.odds;

import java.util.Arrays;
import org.hipparchus.util.FastMath;

/** What each fish stands from the others in one run: by tension, tempers, and how long two have known each other. */
final class Pressure {
    private final Cast cast;
    private final double stays;
    private final double[] fresh;
    private final double peace;
    private final double[] temper;
    private final double[] tempers;
    private final double[] contests;
    private final double[] harm;
    private final int[] mostly;

    Pressure(Cast cast, Rates rates, Tempers tempers, Chance[] lucks) {
        this.cast = cast;
        int n = cast.fish().size();
        int parties = cast.parties().size();
        this.temper = new double[n];
        for (int i = 0; i < n; i++) {
            temper[i] = tempers.of(cast.fish().get(i), lucks[i]);
        }
        this.stays = Math.min(1, rates.get(Rate.SETTLED));
        this.peace = Math.min(1, rates.get(Rate.PEACE));
        this.fresh = new double[Cast.DAYS + 1];
        double days = rates.get(Rate.SETTLES_DAYS);
        double daily = days > 0 ? FastMath.pow(0.5, 1 / days) : 0;
        double left = 1;
        for (int d = 0; d < fresh.length; d++) {
            fresh[d] = stays + (1 - stays) * left;
            left *= daily;
        }
        this.tempers = new double[parties];
        this.contests = new double[parties];
        this.harm = new double[parties];
        this.mostly = new int[parties];
    }

    /** Reckons a week anew. Members of a party stand what is done to it in turn. */
    void reckon(int day, Now now) {
        int parties = tempers.length;
        Arrays.fill(tempers, 0);
        for (int i = 0; i < temper.length; i++) {
            Fish f = cast.fish().get(i);
            if (!now.lost[i] && f.there(day)) {
                tempers[f.party()] += temper[i] / now.living[f.party()];
            }
        }
        for (int b = 0; b < parties; b++) {
            contests[b] = 0;
            harm[b] = 0;
            mostly[b] = -1;
            double most = 0;
            if (now.living[b] == 0) {
                continue;
            }
            for (int a = 0; a < parties; a++) {
                if (now.living[a] == 0) {
                    continue;
                }
                double index = cast.contests().index(a, b, day);
                double times = tempers[a] * known(a, b, day);
                if (a == b) {
                    times *= now.living[b] < 2 ? 0 : now.living[b] * (cast.tooMany(b) ? 1 : peace);
                }
                double acts = Contests.perDay(index) * times / now.living[b];
                double hurts = acts * Contests.hurts(index);
                contests[b] += acts;
                harm[b] += hurts;
                if (a != b && hurts > most) {
                    most = hurts;
                    mostly[b] = a;
                }
            }
        }
        for (int i = 0; i < temper.length; i++) {
            now.pressed[i] = contests[cast.fish().get(i).party()];
        }
    }

    /** What is left of the first days' contests between two; residents know each other. */
    private double known(int a, int b, int day) {
        int together = cast.together(a, b);
        return together < 0 ? stays : fresh[Math.max(0, Math.min(fresh.length - 1, day - together))];
    }

    /** Contests a day that a fish stands, each weighed by how it hurts. */
    double harm(int fish) {
        return harm[cast.fish().get(fish).party()];
    }

    /** The party that hurts one most, or −1. */
    int mostly(int party) {
        return mostly[party];
    }
}
