package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** How often a fish is sold, over a year and many shops; from memory, so that the commonest stands first in a list. */
public enum Sold implements Named {
    ALWAYS("always", "in every shop, all year"),
    EVERYWHERE("everywhere", "in almost every shop"),
    OFTEN("often", "often in shops"),
    REGULARLY("regularly", "in shops now and then"),
    SELDOM("seldom", "seldom in shops"),
    HARDLY_EVER("hardly ever", "hardly ever for sale");

    private final String word;
    private final String plain;

    Sold(String word, String plain) {
        this.word = word;
        this.plain = plain;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }
}
