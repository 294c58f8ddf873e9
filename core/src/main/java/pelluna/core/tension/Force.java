package pelluna.core.tension;

import pelluna.core.units.Named;

/** What drives tension between two fish, and what strengthens or dampens it; by their words in the plan file. */
public enum Force implements Named {
    OWN_KIND("own kind", true),
    SAME_GENUS("same genus", true),
    LOOK_ALIKE("look-alike", true),
    FOOD_RIVALS("food rivals", true),
    GROUND("ground", true),
    HUNTS("hunts", true),
    TEMPER("temper", true),
    NEWCOMER("newcomer", true),
    SMALLER_FISH("smaller fish", true),
    FIN_NIPPING("fin nipping", true),
    WHO_WAS_FIRST("who was first", false),
    SIZE("size", false),
    ROOM("room", false),
    RUN("run", false),
    HIDES("hides", false),
    SHARED_ATTENTION("shared attention", false),
    FEEDING("feeding", false),
    CAPTIVE_BRED("captive-bred", false),
    BOX("box", false),
    OWN_RECORD("own record", false),
    OTHER_KEEPERS("other keepers", false);

    private final String word;
    private final boolean drives;

    Force(String word, boolean drives) {
        this.word = word;
        this.drives = drives;
    }

    @Override
    public String word() {
        return word;
    }

    /** Whether it drives, so that without any such there is no tension; the others only multiply. */
    public boolean drives() {
        return drives;
    }
}
