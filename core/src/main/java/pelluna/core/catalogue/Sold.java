package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** How often a fish is sold, over a year and many shops; from memory, so that the commonest stands first in a list. */
public enum Sold implements Named {
    ALWAYS("always"),
    EVERYWHERE("everywhere"),
    OFTEN("often"),
    REGULARLY("regularly"),
    SELDOM("seldom"),
    HARDLY_EVER("hardly ever");

    private final String word;

    Sold(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
