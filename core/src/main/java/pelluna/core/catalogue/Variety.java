package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** What else a species is sold as: a sex that looks different, or a colour. */
public enum Variety implements Named {
    MALE("male"),
    FEMALE("female"),
    BLACK("black"),
    SNOWFLAKE("snowflake"),
    GOLD("gold"),
    RED("red"),
    YELLOW("yellow"),
    GREY("grey"),
    ORANGE("orange"),
    YELLOW_BELLY("yellow-belly");

    private final String word;

    Variety(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
