package pelluna.app.api;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.app.account.TankRights;
import pelluna.app.tokens.Scope;

/** What programs write: what pages write to the same address without {@code /api/v1}. */
final class Writable {
    static final String API = "/api/v1";

    /** Tanks and what the keeper has set; nobody's way in, and nothing of the server. */
    private static final Pattern ALL = Pattern.compile(
            "/(tanks(/.*)?|begin/sample|sheets/[^/]+/stop|settings/[a-z]+|account/(name|zone|reminders/.*))");

    private static final Pattern TANK = Pattern.compile("/tanks/(\\d{1,18})(/.*)?");

    private Writable() {}

    /** The address of the page's form; empty if this is none. */
    static Optional<String> page(HttpServletRequest request) {
        String path = request.getRequestURI();
        return request.getMethod().equals("POST") && path.startsWith(API + "/")
                ? Optional.of(path.substring(API.length())).filter(Writable::is)
                : Optional.empty();
    }

    static boolean is(String page) {
        return ALL.matcher(page).matches();
    }

    static Scope scope(String page) {
        return TankRights.helpers(page) ? Scope.LOG : Scope.WRITE;
    }

    /** The number of the tank that an address is of. */
    static Optional<Long> tank(String page) {
        Matcher tank = TANK.matcher(page);
        return tank.matches() ? Optional.of(Long.parseLong(tank.group(1))) : Optional.empty();
    }
}
