package pelluna.core.odds;

import java.util.Arrays;
import java.util.List;

/** The day on which each fish of a run would be lost by what is settled already, and by what. */
final class Dooms {
    private final int[] day;
    private final Fate[] fate;

    Dooms(Fish[] fish, Chance[] lucks, List<Doom> all) {
        day = new int[fish.length];
        fate = new Fate[fish.length];
        Arrays.fill(day, Doom.NEVER);
        for (int i = 0; i < fish.length; i++) {
            for (Doom d : all) {
                meet(i, d.day(fish[i], lucks[i]), d.fate());
            }
        }
    }

    /** Whichever comes first counts. */
    void meet(int fish, int on, Fate by) {
        if (on < day[fish]) {
            day[fish] = on;
            fate[fish] = by;
        }
    }

    boolean due(int fish, int today) {
        return today >= day[fish];
    }

    Fate fate(int fish) {
        return fate[fish];
    }
}
