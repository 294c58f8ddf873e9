package pelluna.app.quarantine;

import pelluna.core.units.Named;

/** How a stay in quarantine ended. */
enum StayEnd implements Named {
    INTO_THE_TANK("into-tank"),
    INTO_THE_BOX("into-box"),
    DIED("died"),
    OTHERWISE("otherwise");

    private final String word;

    StayEnd(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
