package pelluna.app.writes;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;
import pelluna.app.limits.RefusedAnswers;

/** Answers what no handler has answered: in words, or as the page that it was sent from. */
@Component
public class Answers implements RefusedAnswers {
    private static final String WHY = Answers.class.getName();

    private final Pages pages;

    Answers(Pages pages) {
        this.pages = pages;
    }

    @Override
    public void plain(HttpServletRequest request, HttpServletResponse response, int status, Refusal why)
            throws IOException {
        request.setAttribute(WHY, why);
        response.sendError(status);
    }

    /** Whether a field is one whose text stands nowhere once it was sent: a password, a code. */
    public static boolean secret(String field) {
        return WriteKeys.SECRET.contains(field);
    }

    /** Why a request was not answered, for the page of its failure; empty if nobody said. */
    public static Optional<Refusal> why(HttpServletRequest request) {
        return Optional.ofNullable((Refusal) request.getAttribute(WHY));
    }

    @Override
    public void refused(HttpServletRequest request, HttpServletResponse response, Refused why)
            throws ServletException, IOException {
        if (ByProgram.is(request)) {
            Refused.show(request, why);
            plain(request, response, why.status(), why.why());
            return;
        }
        String sender = page(request.getHeader("Referer"), request);
        String page = sender == null ? pages.nearest(request.getRequestURI()) : sender;
        if (!request.getMethod().equals("POST") || page == null) {
            plain(
                    request,
                    response,
                    request.getMethod().equals("POST") ? why.status() : HttpServletResponse.SC_BAD_REQUEST,
                    why.field().isEmpty()
                            ? new WriteRefusal.NothingChanged(why.why())
                            : new WriteRefusal.NothingChangedOf(why.field(), why.why()));
            return;
        }
        request.getRequestDispatcher(
                        RefusedPages.show(request, response, page, why).substring("forward:".length()))
                .forward(request, response);
    }

    /** Path and query of the page of ours that sent this; null if none is named. */
    private static String page(String referer, HttpServletRequest request) {
        try {
            URI from = URI.create(referer == null ? "" : referer);
            String path = from.getRawPath();
            boolean ours = from.getAuthority() != null && from.getAuthority().equals(request.getHeader("Host"));
            return !ours || path == null || !path.startsWith("/") || path.startsWith("//")
                    ? null
                    : path + (from.getRawQuery() == null ? "" : "?" + from.getRawQuery());
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
