package pelluna.core.tank;

import pelluna.core.units.Named;

/** How long somebody has kept salt water. */
public enum Keeper implements Named {
    FIRST_YEAR("first-year", 2),
    SETTLED("settled", 3),
    SEASONED("seasoned", 4);

    private final String word;
    private final int skill;

    Keeper(String word, int skill) {
        this.word = word;
        this.skill = skill;
    }

    @Override
    public String word() {
        return word;
    }

    /** The hardest species, on the catalogue's scale 1 to 4, that this keeper is ready for (Pelluna's judgement). */
    public int skill() {
        return skill;
    }
}
