package pelluna.app.account;

import java.util.Optional;
import java.util.regex.Pattern;

/** What each role may change in a tank, by the address that is written to. Reading is for every role. */
final class TankRights {
    /** Acts, meals, head counts and tests of the water, as somebody writes down who minds the tank for a while. */
    private static final Pattern HELPERS =
            Pattern.compile("/tanks/\\d+/(log/(sighting|typed|back|watch|head-count|feed|water)|arrivals/test)");
    /** To give the tank up, and to let others in. */
    private static final Pattern OWNERS = Pattern.compile("/tanks/\\d+/(remove|calendar/.*|members(/.*)?|links(/.*)?)");

    private TankRights() {}

    /** @return why not; empty if it may be */
    static Optional<AccountRefusal> against(TankRole role, String path) {
        boolean helps = HELPERS.matcher(path).matches();
        return switch (role) {
            case OWNER -> Optional.empty();
            case ADVISER ->
                OWNERS.matcher(path).matches() ? Optional.of(new AccountRefusal.OnlyTheOwner()) : Optional.empty();
            case HELPER -> helps ? Optional.empty() : Optional.of(new AccountRefusal.OnlyTheLog());
            case VIEWER -> Optional.of(new AccountRefusal.OnlyToLookAt());
        };
    }
}
