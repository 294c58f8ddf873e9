package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.KeeperDetails;

/** Lets a keeper in who has shown otherwise than by a password who it is, and shows others out. */
@Component
public class Door {
    private final SessionAuthenticationStrategy strategy;
    private final SecurityContextRepository contexts;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Door(
            SessionAuthenticationStrategy strategy,
            SecurityContextRepository contexts,
            FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.strategy = strategy;
        this.contexts = contexts;
        this.sessions = sessions;
    }

    /** In a session of a new number. */
    public void letIn(KeeperAccount keeper, HttpServletRequest request, HttpServletResponse response) {
        KeeperDetails details = new KeeperDetails(keeper);
        details.eraseCredentials();
        Authentication in = UsernamePasswordAuthenticationToken.authenticated(details, null, details.getAuthorities());
        strategy.onAuthentication(in, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(in);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** Every sign-in of a keeper, by its number. */
    Map<String, ? extends Session> sessions(long keeper) {
        return sessions.findByPrincipalName(Long.toString(keeper));
    }

    /** Ends every sign-in of a keeper but one. @param stays its number; empty for none */
    void showOut(long keeper, String stays) {
        sessions(keeper).keySet().stream().filter(id -> !id.equals(stays)).forEach(sessions::deleteById);
    }
}
