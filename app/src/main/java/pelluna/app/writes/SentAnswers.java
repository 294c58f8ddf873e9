package pelluna.app.writes;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A script that sends gets the way on in a header: whether it is saved and whether the next page comes are two things.
 */
@Component
@Order(2)
class SentAnswers extends OncePerRequestFilter {
    /** On a request: whoever sends reads the headers of the answer. */
    static final String BY_SCRIPT = "Pelluna-Send";
    /** On an answer: the page that follows. */
    static final String THEN = "Pelluna-Then";

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(BY_SCRIPT) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(request, new HttpServletResponseWrapper(response) {
            @Override
            public void setStatus(int status) {
                super.setStatus(
                        HttpStatus.valueOf(status).is3xxRedirection() ? HttpServletResponse.SC_NO_CONTENT : status);
            }

            @Override
            public void setHeader(String name, String value) {
                super.setHeader(name.equalsIgnoreCase(HttpHeaders.LOCATION) ? THEN : name, value);
            }

            @Override
            public void addHeader(String name, String value) {
                super.addHeader(name.equalsIgnoreCase(HttpHeaders.LOCATION) ? THEN : name, value);
            }

            @Override
            public void sendRedirect(String location) {
                setStatus(HttpServletResponse.SC_NO_CONTENT);
                setHeader(THEN, location);
            }

            @Override
            public void sendRedirect(String location, int status, boolean clear) {
                sendRedirect(location);
            }
        });
    }
}
