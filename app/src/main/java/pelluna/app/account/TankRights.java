package pelluna.app.account;

import java.util.Optional;
import java.util.regex.Pattern;

/** What each role may change in a tank, by the address that is written to. Reading is for every role. */
public final class TankRights {
    /** Acts, meals, head counts and tests of the water, as somebody writes down who minds the tank for a while. */
    private static final Pattern HELPERS =
            Pattern.compile("/tanks/\\d+/(log/(sighting|typed|back|watch|head-count|feed|water)|arrivals/test)");
    /** To give the tank up or put it away, to let others in, to see facts otherwise, to bring plans in by them. */
    private static final Pattern OWNERS = Pattern.compile(
            "/tanks/\\d+/(remove|archive|calendar/.*|people/(invite|end|withdraw)|links(/.*)?|catalogue|import-export"
                    + "|own-species.*|species/.+/own/.+)");
    /** What is about whoever asks, not about the tank. */
    private static final Pattern EVERYBODYS = Pattern.compile("/tanks/\\d+/(side-by-side/.*|people/leave|stock-list)");
    /** What an archived tank still takes. */
    private static final Pattern PUT_AWAY = Pattern.compile(
            "/tanks/\\d+/(archive|remove|links/.*|calendar/close|people/.*|side-by-side/.*|stock-list)");

    private TankRights() {}

    /** Whether it is what a helper writes, too. */
    public static boolean helpers(String path) {
        return HELPERS.matcher(path).matches();
    }

    /** @return why not; empty if it may be */
    static Optional<AccountRefusal> against(OwnedTank tank, String path) {
        if (EVERYBODYS.matcher(path).matches()) {
            return Optional.empty();
        }
        if (tank.archived() && !PUT_AWAY.matcher(path).matches()) {
            return Optional.of(new AccountRefusal.PutAway());
        }
        boolean helps = helpers(path);
        return switch (tank.role()) {
            case OWNER -> Optional.empty();
            case ADVISER ->
                OWNERS.matcher(path).matches() ? Optional.of(new AccountRefusal.OnlyTheOwner()) : Optional.empty();
            case HELPER -> helps ? Optional.empty() : Optional.of(new AccountRefusal.OnlyTheLog());
            case VIEWER -> Optional.of(new AccountRefusal.OnlyToLookAt());
        };
    }
}
