package pelluna.core.odds;

import java.util.List;
import java.util.Optional;

/** What each fish of a run has stood of each hazard, and how much it stands. */
final class Stakes {
    private static final int STANDS = -2;

    private final Hazard[][] hazards;
    private final double[][] stood;
    private final double[][] stands;

    Stakes(Fish[] fish, Chance[] lucks, List<Hazard> all) {
        hazards = new Hazard[fish.length][];
        stood = new double[fish.length][];
        stands = new double[fish.length][];
        for (int i = 0; i < fish.length; i++) {
            Fish one = fish[i];
            hazards[i] = all.stream().filter(h -> h.concerns(one)).toArray(Hazard[]::new);
            stood[i] = new double[hazards[i].length];
            stands[i] = new double[hazards[i].length];
            for (int h = 0; h < hazards[i].length; h++) {
                stands[i][h] = lucks[i].in(STANDS).stands(hazards[i][h].fate().ordinal());
            }
        }
    }

    /** One day of one fish: the hazard that it does not stand any more, if there is one. */
    Optional<Hazard> struck(int fish, int day, Now now) {
        for (int h = 0; h < hazards[fish].length; h++) {
            stood[fish][h] += hazards[fish][h].on(day, fish, now);
            if (stood[fish][h] > stands[fish][h]) {
                return Optional.of(hazards[fish][h]);
            }
        }
        return Optional.empty();
    }
}
