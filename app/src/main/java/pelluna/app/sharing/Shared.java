package pelluna.app.sharing;

import pelluna.core.units.Named;
import pelluna.core.units.Statement;

/** What a link shows. */
public enum Shared implements Named, Statement {
    PLAN("plan"),
    REEFSCAPE("reefscape"),
    SHOP_LIST("shop-list"),
    INCIDENT("incident"),
    /** A subscription, not a page. */
    CALENDAR("calendar");

    private final String word;

    Shared(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
