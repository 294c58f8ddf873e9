package pelluna.app.api;

import pelluna.app.limits.Refused;

/** How many of a list are asked for at once. */
final class Limit {
    static final String USUAL = "50";
    static final int MOST = 200;

    private Limit() {}

    /** @throws Refused for none, and for too many */
    static int of(int asked) {
        if (asked < 1 || asked > MOST) {
            throw new Refused("limit", new ApiRefusal.LimitOutside(1, MOST));
        }
        return asked;
    }
}
