package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/**
 * Who has shown only just now who it is. A session that was left open, or stolen, does not change how an account is
 * entered.
 */
@Component
class Recently implements SessionAuthenticationStrategy, AuthorizationManager<RequestAuthorizationContext> {
    static final Duration GOOD = Duration.ofMinutes(15);
    private static final Logger LOG = LoggerFactory.getLogger(Recently.class);
    private static final String SHOWN = Recently.class.getName();
    private static final String DEVICE = SHOWN + ".device";
    private static final int LONGEST_DEVICE = 200;

    private final Clock clock;

    Recently(Clock clock) {
        this.clock = clock;
    }

    @Override
    public void onAuthentication(Authentication who, HttpServletRequest request, HttpServletResponse response) {
        LOG.info("Account {} signed in.", who.getName());
        shown(request);
    }

    /** A password was typed again, or somebody has just come in. */
    void shown(HttpServletRequest request) {
        HttpSession session = request.getSession();
        String browser = request.getHeader("User-Agent");
        session.setAttribute(SHOWN, clock.instant());
        session.setAttribute(
                DEVICE, browser == null ? "" : browser.substring(0, Math.min(LONGEST_DEVICE, browser.length())));
    }

    boolean is(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null
                && session.getAttribute(SHOWN) instanceof Instant at
                && at.plus(GOOD).isAfter(clock.instant());
    }

    /** What a browser called itself when somebody came in with it. */
    static String device(Session session) {
        return session.getAttributeOrDefault(DEVICE, "");
    }

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends Authentication> who, RequestAuthorizationContext context) {
        return new AuthorizationDecision(who.get().isAuthenticated() && is(context.getRequest()));
    }
}
