package pelluna.core.odds;

import java.util.Arrays;

/** How the tank stands on a day of one run, fish by fish. */
final class Now {
    /** Contests that each has stood lately, a day. */
    final double[] pressed;
    /** Wounds that are open. */
    final double[] wounds;

    final boolean[] lost;
    /** Of each party, how many are in the tank and live. */
    final int[] living;

    Now(int fish, int parties) {
        pressed = new double[fish];
        wounds = new double[fish];
        lost = new boolean[fish];
        living = new int[parties];
    }

    void count(Cast cast, int day) {
        Arrays.fill(living, 0);
        for (int i = 0; i < lost.length; i++) {
            Fish f = cast.fish().get(i);
            if (!lost[i] && f.there(day)) {
                living[f.party()]++;
            }
        }
    }
}
