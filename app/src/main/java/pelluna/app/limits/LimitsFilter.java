package pelluna.app.limits;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Holds every request to {@link Limits} before anything reads it. */
@Component
@Order(3)
class LimitsFilter extends OncePerRequestFilter {
    private final RefusedAnswers answers;
    private final Clock clock;

    LimitsFilter(RefusedAnswers answers, Clock clock) {
        this.answers = answers;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > Limits.body(request.getRequestURI())) {
            answers.plain(request, response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, tooLarge(request));
            return;
        }
        if (!form(request)) {
            answers.plain(
                    request, response, HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE, new LimitRefusal.UnreadForm());
            return;
        }
        HttpServletRequest held = request.getContentLengthLong() < 0
                ? new HeldRequest(request, Limits.body(request.getRequestURI()))
                : request;
        Map<String, String[]> sent;
        try {
            sent = request.getRequestURI().startsWith("/api/") ? Map.of() : held.getParameterMap();
        } catch (IllegalStateException | IllegalArgumentException unreadable) {
            answers.plain(request, response, HttpServletResponse.SC_BAD_REQUEST, new LimitRefusal.UnreadText());
            return;
        }
        try {
            SentFields.check(request.getRequestURI(), sent, LocalDate.now(clock));
        } catch (Refused e) {
            answers.refused(held, response, e);
            return;
        }
        chain.doFilter(held, response);
    }

    /** Pages read forms; only what talks to programs reads anything else. */
    private static boolean form(HttpServletRequest request) {
        String type = request.getContentType();
        return type == null
                || Limits.NO_FORM.matcher(request.getRequestURI()).matches()
                || type.startsWith("application/x-www-form-urlencoded")
                || type.startsWith("multipart/form-data");
    }

    private static Refusal tooLarge(HttpServletRequest request) {
        return Limits.body(request.getRequestURI()) == Limits.BODY
                ? new LimitRefusal.TooMuch()
                : new LimitRefusal.TooMuchWithAFile();
    }
}
