package pelluna.core.shop;

import pelluna.core.units.Named;

/** What Pelluna says in a shop, of one fish for one tank today. */
public enum Says implements Named {
    YES("yes"),
    YES_IF("yes-if"),
    /** Nothing but time is missing. */
    NOT_TODAY("not-today"),
    NOT_THIS_ONE("not-this-one");

    private final String word;

    Says(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
