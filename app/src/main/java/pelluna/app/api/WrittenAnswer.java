package pelluna.app.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.util.ContentCachingResponseWrapper;
import pelluna.app.limits.Refused;
import pelluna.app.rows.ShownOnce;
import pelluna.words.Words;
import tools.jackson.databind.json.JsonMapper;

/** What a page would have answered to a write, kept back and said as JSON. */
class WrittenAnswer extends ContentCachingResponseWrapper {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String PROBLEM = "application/problem+json";

    private boolean failed;
    private String page;

    WrittenAnswer(HttpServletResponse response) {
        super(response);
    }

    /**
     * @param page   where a reader would be led; null if nowhere
     * @param secret what was made and is told this once, such as a link; null if nothing
     */
    record Saved(boolean saved, String page, String secret) {}

    /** What is wrong with a field. */
    record FieldProblem(String field, String detail) {}

    /** As RFC 9457 has it. @param code of the refusal; null if it has none; @param field null if it is about none */
    record Problem(
            String type,
            String title,
            int status,
            String detail,
            String code,
            String field,
            List<FieldProblem> problems) {}

    @Override
    public void sendError(int status) throws IOException {
        failed = true;
        super.sendError(status);
    }

    @Override
    public void sendError(int status, String message) throws IOException {
        failed = true;
        super.sendError(status, message);
    }

    /** A redirect of a page is only told. */
    @Override
    public void sendRedirect(String location) {
        page = location;
    }

    @Override
    public void sendRedirect(String location, int status, boolean clear) {
        page = location;
    }

    /** @param tag of the tank as it is now; empty if it is no tank's */
    void said(HttpServletRequest request, String tag) throws IOException {
        if (failed) {
            return;
        }
        if (getStatus() < HttpStatus.BAD_REQUEST.value()) {
            String location = page != null ? page : getHeader(HttpHeaders.LOCATION);
            setStatus(HttpStatus.OK.value());
            if (!tag.isEmpty()) {
                setHeader(HttpHeaders.ETAG, tag);
            }
            String leads = location != null ? location : ShownPage.of(request);
            send(MediaType.APPLICATION_JSON_VALUE, new Saved(true, leads, ShownOnce.told(request)));
        } else {
            send(PROBLEM, problem(request));
        }
    }

    private Problem problem(HttpServletRequest request) {
        Words say = Words.forAnybody();
        HttpStatus status = HttpStatus.valueOf(getStatus());
        List<FieldProblem> problems = ShownPage.problems(request);
        Refused why = Refused.shown(request).orElse(null);
        String text = new String(getContentAsByteArray(), StandardCharsets.UTF_8);
        String detail = why != null
                ? say.of(why.why())
                : !text.isEmpty()
                        ? text
                        : problems.isEmpty()
                                ? status.getReasonPhrase()
                                : problems.get(0).detail();
        return new Problem(
                "about:blank",
                status.getReasonPhrase(),
                status.value(),
                detail,
                why == null ? null : Words.code(why.why()),
                why == null || why.field().isEmpty() ? null : why.field(),
                problems);
    }

    private void send(String type, Object body) throws IOException {
        resetBuffer();
        setContentType(type);
        getOutputStream().write(JSON.writeValueAsBytes(body));
        copyBodyToResponse();
    }
}
