package pelluna.app.operations;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Every request has a trace id: of the proxy before it, by W3C Trace Context, or its own. All lines of the log have it,
 * so has the answer, and the page of a failure shows it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class Trace extends OncePerRequestFilter {
    static final String HEADER = "Trace-Id";
    static final String IN_THE_LOG = "trace";
    private static final String KEPT = Trace.class.getName() + ".id";
    /** W3C Trace Context, 3.2: version, trace id, parent, flags; an id of zeros is none. */
    private static final Pattern PARENT =
            Pattern.compile("[0-9a-f]{2}-(?!0{32})([0-9a-f]{32})-[0-9a-f]{16}-[0-9a-f]{2}(-.*)?");

    private static final int BYTES = 16;
    private final SecureRandom random = new SecureRandom();

    /** The trace id of a request, 32 hexadecimal digits; empty outside of one. */
    public static Optional<String> of(HttpServletRequest request) {
        return Optional.ofNullable((String) request.getAttribute(KEPT));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String id = of(request).orElseGet(() -> begun(request.getHeader("traceparent")));
        request.setAttribute(KEPT, id);
        response.setHeader(HEADER, id);
        MDC.put(IN_THE_LOG, id);
        try {
            chain.doFilter(request, response);
        } finally {
            MDC.remove(IN_THE_LOG);
        }
    }

    private String begun(String parent) {
        Matcher given = PARENT.matcher(parent == null ? "" : parent);
        if (given.matches()) {
            return given.group(1);
        }
        byte[] fresh = new byte[BYTES];
        random.nextBytes(fresh);
        return HexFormat.of().formatHex(fresh);
    }

    /** What is logged while the page of a failure is made belongs to its request too. */
    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }
}
