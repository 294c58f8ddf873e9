package pelluna.app.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import pelluna.app.limits.RefusedAnswers;

/**
 * Keeps others out: Pelluna answers by its own names only, so that no foreign name can be made to lead here; what
 * writes comes from its own pages, or
 * from a program that is no browser; and answers tell browsers to keep them to themselves.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class WhoMayAsk extends OncePerRequestFilter {
    private static final Set<String> READS = Set.of("GET", "HEAD");
    private static final Set<String> METHODS = Set.of("GET", "HEAD", "POST");
    private static final Set<String> OURS = Set.of("same-origin", "none");
    private static final List<String> LOOPBACK = List.of("localhost", "127.0.0.1", "[::1]");
    private static final Pattern FOR_ANYBODY = Pattern.compile("/(?!tanks/|fish/).*\\.(css|js|svg|woff2)");

    private final Set<String> names;
    private final RefusedAnswers answers;

    /**
     * @param more  names by which Pelluna is reached besides the loopback's, as behind a proxy
     * @param house those by which phones reach it
     */
    WhoMayAsk(@Value("${pelluna.hosts:}") List<String> more, List<OurNames> house, RefusedAnswers answers) {
        this.names = new HashSet<>(LOOPBACK);
        more.stream()
                .map(n -> n.strip().toLowerCase(Locale.ROOT))
                .filter(n -> !n.isEmpty())
                .forEach(names::add);
        house.forEach(h -> names.addAll(h.names()));
        this.answers = answers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        keepToThemselves(request, response);
        String host = request.getHeader("Host");
        if (host == null || !names.contains(name(host))) {
            answers.plain(request, response, HttpServletResponse.SC_FORBIDDEN, new GuardRefusal.NotByThisName());
        } else if (!METHODS.contains(request.getMethod())) {
            answers.plain(request, response, HttpServletResponse.SC_METHOD_NOT_ALLOWED, new GuardRefusal.NotAskedSo());
        } else if (!READS.contains(request.getMethod()) && !ours(request, host)) {
            answers.plain(request, response, HttpServletResponse.SC_FORBIDDEN, new GuardRefusal.NotFromHere());
        } else {
            chain.doFilter(request, response);
        }
    }

    /** What a browser says of where a write comes from agrees, all of it. */
    private static boolean ours(HttpServletRequest request, String host) {
        String origin = request.getHeader("Origin");
        String site = request.getHeader("Sec-Fetch-Site");
        return (site == null || OURS.contains(site)) && (origin == null || sameAs(origin, host));
    }

    private static boolean sameAs(String origin, String host) {
        try {
            URI from = URI.create(origin);
            return ("http".equals(from.getScheme()) || "https".equals(from.getScheme()))
                    && host.equalsIgnoreCase(from.getRawAuthority());
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static String name(String host) {
        return host.replaceFirst(":\\d{1,5}$", "").toLowerCase(Locale.ROOT);
    }

    private static void keepToThemselves(HttpServletRequest request, HttpServletResponse response) {
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:;"
                        + " connect-src 'self'; manifest-src 'self'; form-action 'self'; "
                        + "base-uri 'none'; frame-ancestors 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=(), payment=(), usb=()");
        if (!FOR_ANYBODY.matcher(request.getRequestURI()).matches()) {
            response.setHeader("Cache-Control", "no-store");
        }
    }
}
