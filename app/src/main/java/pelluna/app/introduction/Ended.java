package pelluna.app.introduction;

import pelluna.core.units.Named;

/** How a way into the tank ended before its last look. */
enum Ended implements Named {
    CALLED_OFF("called-off"),
    /** Whoever was on it is here no more. */
    LEFT("left");

    private final String word;

    Ended(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
