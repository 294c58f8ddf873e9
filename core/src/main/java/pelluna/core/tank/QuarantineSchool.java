package pelluna.core.tank;

import pelluna.core.units.Named;

/**
 * How practitioners quarantine. Days are common practice; copper and medicine go by the label or a vet, never by us.
 */
public enum QuarantineSchool implements Named {
    NONE("none", 0, false, "no quarantine"),
    TEN_DAYS_COPPER("ten-days-copper", 10, true, "10 days with copper"),
    TWO_PLUS_TWO_WEEKS("two-plus-two-weeks", 28, true, "2 weeks with copper and 2 weeks of watching"),
    THIRTY_DAYS_COPPER_THEN_WATCH(
            "thirty-days-copper-then-watch", 44, true, "30 days with copper and 2 weeks of watching"),
    THIRTY_DAYS_WATCH("thirty-days-watch", 30, false, "30 days of watching without medicine");

    private final String word;
    private final int days;
    private final boolean copper;
    private final String plain;

    QuarantineSchool(String word, int days, boolean copper, String plain) {
        this.word = word;
        this.days = days;
        this.copper = copper;
        this.plain = plain;
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

    public String plain() {
        return plain;
    }
}
