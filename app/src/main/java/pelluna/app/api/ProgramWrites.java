package pelluna.app.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import pelluna.app.limits.LimitRefusal;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;
import pelluna.app.limits.RefusedAnswers;
import pelluna.app.limits.SentFields;
import pelluna.app.tokens.Scope;
import pelluna.app.writes.ByProgram;
import pelluna.app.writes.TankVersion;

/**
 * A write of a program goes to the handler of the page that writes the same, and by the same rules: whole or not at
 * all, one at a time for a tank, once for each key. Its answer is JSON.
 */
@Component
@Order(ProgramWrites.AFTER_SIGN_IN)
class ProgramWrites extends OncePerRequestFilter {
    static final int AFTER_SIGN_IN = 20;
    private static final String JSON = "application/json";
    /** Letters of a key. */
    private static final int LONGEST_KEY = 60;

    private final RefusedAnswers answers;
    private final TankVersion versions;
    private final Clock clock;

    ProgramWrites(RefusedAnswers answers, TankVersion versions, Clock clock) {
        this.answers = answers;
        this.versions = versions;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!request.getRequestURI().startsWith(Writable.API + "/")) {
            chain.doFilter(request, response);
            return;
        }
        ByProgram.mark(request);
        response.setHeader(HttpHeaders.CACHE_CONTROL, "private, no-cache");
        Optional<String> page = Writable.page(request);
        if (page.isEmpty()) {
            chain.doFilter(request, response);
        } else if (mayNot(Writable.scope(page.get()))) {
            refuse(request, response, HttpStatus.FORBIDDEN, new ApiRefusal.NotThatScope(Writable.scope(page.get())));
        } else {
            write(request, page.get(), response, chain);
        }
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, HttpStatus status, Refusal why)
            throws ServletException, IOException {
        answers.plain(request, response, status.value(), why);
    }

    private static boolean mayNot(Scope needed) {
        return SecurityContextHolder.getContext().getAuthentication().getAuthorities().stream()
                .map(GrantedAuthority::getAuthority)
                .noneMatch(needed.authority()::equals);
    }

    private void write(HttpServletRequest request, String page, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        WrittenAnswer answer = new WrittenAnswer(response);
        FormOfJson form;
        try {
            form = form(request, page);
            SentFields.check(page, form.getParameterMap(), LocalDate.now(clock));
        } catch (Refused e) {
            Refused.show(request, e);
            response.setStatus(e.status());
            answer.said(request, "");
            return;
        } catch (IllegalStateException | IllegalArgumentException unreadable) {
            refuse(request, response, HttpStatus.BAD_REQUEST, new LimitRefusal.UnreadText());
            return;
        }
        if (form == null) {
            refuse(request, response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, new LimitRefusal.UnreadForm());
            return;
        }
        chain.doFilter(form, answer);
        answer.said(request, tag(page));
    }

    /** Empty for what is no tank's. What is saved is saved, even if the database can't say this any more. */
    private String tag(String page) {
        try {
            return Writable.tank(page).map(versions::tag).orElse("");
        } catch (DataAccessException | TransactionException gone) {
            return "";
        }
    }

    /** @return null if the body is nothing that is read */
    private static FormOfJson form(HttpServletRequest request, String page) throws IOException {
        String key = FormOfJson.key(request);
        if (key != null && (key.isEmpty() || key.length() > LONGEST_KEY)) {
            throw new Refused(FormOfJson.KEY, new LimitRefusal.TooLong(key.length(), LONGEST_KEY));
        }
        String type = request.getContentType();
        if (type == null || type.startsWith(JSON)) {
            Map<String, String[]> fields =
                    SentJson.fields(request.getInputStream().readAllBytes());
            return new FormOfJson(request, page, fields, null);
        }
        return type.startsWith("multipart/form-data")
                ? new FormOfJson(request, page, request.getParameterMap(), type)
                : null;
    }
}
