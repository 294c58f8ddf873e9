package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** What a fish does that its keeper or its neighbours have to live with. */
public enum Habit implements Named {
    DIGS("digs"),
    MOVES_ROCK("moves rock"),
    BREAKS_CORAL("breaks coral"),
    PICKS_PARASITES("picks parasites"),
    NIPS_FINS("nips fins"),
    LONG_FINS("long fins"),
    DROPS_SAND("drops sand");

    private final String word;

    Habit(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
