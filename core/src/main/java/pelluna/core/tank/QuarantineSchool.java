package pelluna.core.tank;

import pelluna.core.units.Named;

/**
 * How practitioners quarantine. Days are common practice; copper and medicine go by the label or a vet, never by us.
 */
public enum QuarantineSchool implements Named {
    NONE("none", 0, false),
    TEN_DAYS_COPPER("ten-days-copper", 10, true),
    TWO_PLUS_TWO_WEEKS("two-plus-two-weeks", 28, true),
    THIRTY_DAYS_COPPER_THEN_WATCH("thirty-days-copper-then-watch", 44, true),
    THIRTY_DAYS_WATCH("thirty-days-watch", 30, false);

    private final String word;
    private final int days;
    private final boolean copper;

    QuarantineSchool(String word, int days, boolean copper) {
        this.word = word;
        this.days = days;
        this.copper = copper;
    }

    @Override
    public String word() {
        return word;
    }

    public int days() {
        return days;
    }

    public boolean copper() {
        return copper;
    }
}
