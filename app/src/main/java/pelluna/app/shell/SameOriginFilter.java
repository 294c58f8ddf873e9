package pelluna.app.shell;

import java.io.IOException;
import java.util.Set;

import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/** Keeps other sites out: writes only from our own pages or from no page at all, strict content policy on every answer. */
@Component
class SameOriginFilter extends OncePerRequestFilter {
    private static final Set<String> READS = Set.of("GET", "HEAD");
    private static final Set<String> OURS = Set.of("same-origin", "none");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:;"
            + " connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "same-origin");
        String site = request.getHeader("Sec-Fetch-Site");
        if (!READS.contains(request.getMethod()) && site != null && !OURS.contains(site)) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        chain.doFilter(request, response);
    }
}
