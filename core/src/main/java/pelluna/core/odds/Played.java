package pelluna.core.odds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How one run ended, fish by fish; days of the plan, {@link Doom#NEVER} where nothing happened.
 *
 * @param by number of the party that did it, or {@link #NOBODY}
 */
record Played(int[] lostOn, Fate[] fates, int[] by, int[] hurtOn, int[] crampedOn, List<Happening> told) {
    static final int NOBODY = -1;

    static Played begun(int fish) {
        int[] never = new int[fish];
        Arrays.fill(never, Doom.NEVER);
        int[] nobody = new int[fish];
        Arrays.fill(nobody, NOBODY);
        return new Played(never, new Fate[fish], nobody, never.clone(), never.clone(), new ArrayList<>());
    }

    /** The first day on which not everybody was alive and unharmed any more, of one fish. */
    int illOn(int fish) {
        return Math.min(lostOn[fish], Math.min(hurtOn[fish], crampedOn[fish]));
    }

    /** The same of everybody. */
    int illOn() {
        int first = Doom.NEVER;
        for (int i = 0; i < lostOn.length; i++) {
            first = Math.min(first, illOn(i));
        }
        return first;
    }
}
