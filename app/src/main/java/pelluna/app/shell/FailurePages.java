package pelluna.app.shell;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestMapping;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;
import pelluna.app.operations.Trace;
import pelluna.app.writes.Answers;
import pelluna.app.writes.Reader;
import pelluna.words.Words;

/**
 * The page of a failure: what happened, what was kept, and what was typed, to be sent again. It asks the database
 * nothing, and comes back by itself to a page that only was to be read. What a program asked is answered in English.
 */
@Controller
class FailurePages implements ErrorController {
    private static final int AGAIN_AFTER_S = 4;
    /** How the page that failed was asked for; a page of failure is always read (Jakarta Servlet 6.1, 10.9.1). */
    private static final String ASKED_BY = "jakarta.servlet.error.method";

    private static final String TOKEN = "_csrf";

    private static final int LONGEST_SHOWN = 20_000;

    private final Reader reader;

    FailurePages(Reader reader) {
        this.reader = reader;
    }

    /** A field that was typed, to be sent again. */
    record Typed(String name, String value) {
        private static final Set<String> OURS = Set.of("key", "_csrf");
        private static final int SHORT = 20;

        /** Short ones are sent along unseen, long ones stand in a field. */
        public boolean hidden() {
            return value.length() < SHORT || OURS.contains(name);
        }

        /** Whether it is listed, as what goes along unseen. */
        public boolean said() {
            return hidden() && !value.isEmpty() && !OURS.contains(name);
        }
    }

    @RequestMapping(value = "/error", produces = MediaType.TEXT_HTML_VALUE)
    String page(HttpServletRequest request, HttpServletResponse response, Model model) {
        int status = status(request);
        // the token of a session stands in the database
        request.removeAttribute(TOKEN);
        Words say = reader.wordsAtHand();
        Shells.bare(model, title(status, say), say);
        boolean busy = status == HttpStatus.SERVICE_UNAVAILABLE.value();
        boolean wrote = "POST".equals(request.getAttribute(ASKED_BY));
        if (busy) {
            response.setHeader("Retry-After", String.valueOf(AGAIN_AFTER_S));
            if (!wrote) {
                response.setHeader("Refresh", String.valueOf(AGAIN_AFTER_S));
            }
        }
        model.addAttribute("what", say.of(why(request, status)));
        model.addAttribute(
                "next", !busy ? "" : wrote ? say.text("page.failure.notSavedYet") : say.text("page.failure.comesBack"));
        boolean again = wrote
                && status != HttpServletResponse.SC_NOT_FOUND
                && status != HttpServletResponse.SC_FORBIDDEN
                && status != HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE
                && status != HttpServletResponse.SC_BAD_REQUEST;
        model.addAttribute("again", again ? request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI) : null);
        model.addAttribute(
                "trace",
                status == HttpServletResponse.SC_INTERNAL_SERVER_ERROR
                        ? Trace.of(request).orElse(null)
                        : null);
        model.addAttribute("out", status == HttpServletResponse.SC_UNAUTHORIZED);
        model.addAttribute("typed", again ? typed(request) : List.of());
        model.addAttribute(
                "file",
                again
                        && request.getContentType() != null
                        && request.getContentType().startsWith("multipart"));
        return "failure";
    }

    @RequestMapping("/error")
    ResponseEntity<Object> plain(HttpServletRequest request) {
        int status = status(request);
        Refusal why = why(request, status);
        boolean api = String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI))
                .startsWith("/api/");
        return api
                ? ResponseEntity.status(status)
                        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                        .body(problem(status, why, request))
                : ResponseEntity.status(status)
                        .contentType(MediaType.parseMediaType("text/plain;charset=UTF-8"))
                        .body(reader.wordsAtHand().of(why));
    }

    /** As RFC 9457 has it, with the code of the refusal beside its words. */
    private static ProblemDetail problem(int status, Refusal why, HttpServletRequest request) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatusCode.valueOf(status), Words.forAnybody().of(why));
        problem.setProperty("code", Words.code(why));
        Optional.ofNullable((String) request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI))
                .map(FailurePages::uri)
                .ifPresent(problem::setInstance);
        Refused.shown(request)
                .map(Refused::field)
                .filter(f -> !f.isEmpty())
                .ifPresent(f -> problem.setProperty("field", f));
        Trace.of(request).ifPresent(id -> problem.setProperty("trace", id));
        return problem;
    }

    /** Null for what is none. */
    private static URI uri(String asked) {
        try {
            return new URI(asked);
        } catch (URISyntaxException strange) {
            return null;
        }
    }

    private static List<Typed> typed(HttpServletRequest request) {
        List<Typed> fields = new ArrayList<>();
        try {
            request.getParameterMap().forEach((name, values) -> {
                for (String value : values) {
                    if (value.length() <= LONGEST_SHOWN && !Answers.secret(name)) {
                        fields.add(new Typed(name, value));
                    }
                }
            });
        } catch (IllegalStateException | IllegalArgumentException unreadable) {
            return List.of();
        }
        return fields;
    }

    private static int status(HttpServletRequest request) {
        return request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer status
                ? status
                : HttpServletResponse.SC_NOT_FOUND;
    }

    private static Refusal why(HttpServletRequest request, int status) {
        return Answers.why(request).orElseGet(() -> switch (status) {
            case HttpServletResponse.SC_NOT_FOUND -> new ShellRefusal.NotHere();
            case HttpServletResponse.SC_BAD_REQUEST -> new ShellRefusal.Unread();
            default -> new ShellRefusal.Unfinished();
        });
    }

    private static String title(int status, Words say) {
        return switch (status) {
            case HttpServletResponse.SC_NOT_FOUND -> say.text("page.failure.notHere");
            case HttpServletResponse.SC_CONFLICT -> say.text("page.failure.changedElsewhere");
            case HttpServletResponse.SC_UNAUTHORIZED -> say.text("page.failure.signedOut");
            case HttpServletResponse.SC_FORBIDDEN -> say.text("page.failure.notFromThere");
            case HttpServletResponse.SC_SERVICE_UNAVAILABLE -> say.text("page.failure.oneMoment");
            case HttpServletResponse.SC_INTERNAL_SERVER_ERROR -> say.text("page.failure.wentWrong");
            default -> say.text("page.failure.notTaken");
        };
    }
}
