package pelluna.core.odds;

import java.util.Arrays;

/** The illnesses of one run: when they break out, whom they meet. */
final class Outbreaks {
    private static final int OUTBREAK = -4;

    private final Fish[] fish;
    private final Chance[] lucks;
    private final Illness illness;
    private final int[] on;
    private final int[] immuneUntil;

    Outbreaks(Cast cast, Fish[] fish, Chance[] lucks, Illness illness) {
        this.fish = fish;
        this.lucks = lucks;
        this.illness = illness;
        this.immuneUntil = new int[fish.length];
        this.on = new int[fish.length];
        Arrays.setAll(on, i -> {
            // Those bought together bring one illness, or none.
            boolean first = i == 0 || fish[i - 1].party() != fish[i].party();
            return first
                    ? cast.school(fish[i])
                            .map(school -> illness.breaksOut(fish[i], school, lucks[i]))
                            .orElse(Doom.NEVER)
                    : Doom.NEVER;
        });
    }

    /** Whether one breaks out on a day that a fish has brought. */
    boolean by(int bringer, int day, Now now) {
        return on[bringer] == day && !now.lost[bringer] && fish[bringer].there(day);
    }

    /** Everybody in the tank who is not immune meets it, and some will die of it. */
    void meet(int bringer, int day, Now now, Dooms dooms) {
        for (int i = 0; i < fish.length; i++) {
            if (!now.lost[i] && fish[i].there(day) && day >= immuneUntil[i]) {
                Chance of = lucks[i].in(OUTBREAK).in(fish[bringer].key());
                int after = illness.dies(fish[i], lucks[bringer], of);
                immuneUntil[i] = day + Illness.IMMUNE;
                if (after != Doom.NEVER) {
                    dooms.meet(i, day + after, Fate.DISEASE);
                }
            }
        }
    }
}
