package pelluna.app.signin;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.stereotype.Component;
import pelluna.app.account.Keepers;
import pelluna.app.account.SignedIn;
import pelluna.app.limits.RefusedAnswers;

/** Where whoever has not signed in is sent: a reader to the page to sign in, whatever else is told so. */
@Component
public class Entrance implements AuthenticationEntryPoint, AccessDeniedHandler {
    /** A path of ours: one slash, then anything but another or what a browser takes for one. */
    private static final Pattern PATH = Pattern.compile("/(?![/\\\\])[\\x21-\\x7e&&[^\\\\]]*");

    private static final String PROGRAMS = "/api/v1/";

    private final RefusedAnswers answers;
    private final Keepers keepers;

    Entrance(RefusedAnswers answers, Keepers keepers) {
        this.answers = answers;
        this.keepers = keepers;
    }

    /** @return a path on this server, whatever was asked for */
    public static String safe(String to) {
        return to != null && PATH.matcher(to).matches() ? to : "/";
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException, ServletException {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        boolean page = request.getMethod().equals("GET") && accept != null && accept.contains("text/html");
        if (request.getRequestURI().startsWith(PROGRAMS)) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
            answers.plain(request, response, HttpServletResponse.SC_UNAUTHORIZED, new SignInRefusal.NoToken());
        } else if (!page) {
            answers.plain(request, response, HttpServletResponse.SC_UNAUTHORIZED, new SignInRefusal.SignedOut());
        } else if (keepers.any()) {
            response.sendRedirect("/sign-in?to=" + URLEncoder.encode(asked(request), StandardCharsets.UTF_8));
        } else {
            response.sendRedirect("/first");
        }
    }

    private static String asked(HttpServletRequest request) {
        String query = request.getQueryString();
        return request.getRequestURI() + (query == null ? "" : "?" + query);
    }

    /** Nobody's, or without the token of the session: what was typed before somebody signed out elsewhere. */
    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
            throws IOException, ServletException {
        if (SignedIn.id().isEmpty()) {
            answers.plain(request, response, HttpServletResponse.SC_UNAUTHORIZED, new SignInRefusal.SignedOut());
        } else {
            answers.plain(request, response, HttpServletResponse.SC_FORBIDDEN, new SignInRefusal.NotAllowed());
        }
    }
}
