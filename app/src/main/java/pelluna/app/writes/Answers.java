package pelluna.app.writes;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriComponentsBuilder;
import pelluna.app.limits.Refused;
import pelluna.app.limits.RefusedAnswers;

/** Answers what no handler has answered: in words, or as the page that it was sent from. */
@Component
public class Answers implements RefusedAnswers {
    /** On a request: what its failure page says. */
    public static final String WORDS = "pellunaWords";

    private final Pages pages;

    Answers(Pages pages) {
        this.pages = pages;
    }

    @Override
    public void plain(HttpServletRequest request, HttpServletResponse response, int status, String words)
            throws IOException {
        request.setAttribute(WORDS, words);
        response.sendError(status);
    }

    @Override
    public void refused(HttpServletRequest request, HttpServletResponse response, Refused why)
            throws ServletException, IOException {
        String sender = page(request.getHeader("Referer"), request);
        String page = sender == null ? pages.nearest(request.getRequestURI()) : sender;
        if (!request.getMethod().equals("POST") || page == null) {
            plain(
                    request,
                    response,
                    request.getMethod().equals("POST") ? why.status() : HttpServletResponse.SC_BAD_REQUEST,
                    (why.field().isEmpty() ? "" : "'" + why.field() + "': ") + why.getMessage()
                            + " Nothing was changed.");
            return;
        }
        String to = UriComponentsBuilder.fromUriString(page)
                .replaceQueryParam(Refused.WHY)
                .replaceQueryParam(Refused.FIELD)
                .queryParam(Refused.WHY, "{why}")
                .queryParam(Refused.FIELD, "{field}")
                .encode()
                .buildAndExpand(why.getMessage(), why.field())
                .toUriString();
        request.getRequestDispatcher(
                        RefusedPages.show(request, response, to, why.status()).substring("forward:".length()))
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
