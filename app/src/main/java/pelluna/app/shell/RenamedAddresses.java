package pelluna.app.shell;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** Addresses under their earlier names lead to those of today, whatever is sent to them. */
@Configuration
class RenamedAddresses {
    private static final Map<String, String> TODAY = Map.of(
            "wishes", "wish-list",
            "own-word", "my-facts",
            "log/bringing", "log/introducing",
            "log/standing", "log/pecking-order",
            "log/roll", "log/head-count",
            "log/pressed", "log/bullied",
            "losses/hindsight", "losses/predicted",
            "exchange", "import-export");
    private static final Pattern OLD =
            Pattern.compile("(/tanks/\\d{1,18}/)(" + String.join("|", TODAY.keySet()) + ")(/.*)?");

    /** What an address is called today; empty if it is called so. */
    static Optional<String> today(String path) {
        Matcher old = OLD.matcher(path);
        return old.matches()
                ? Optional.of(old.group(1) + TODAY.get(old.group(2)) + (old.group(3) == null ? "" : old.group(3)))
                : Optional.empty();
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> renamed() {
        FilterRegistrationBean<OncePerRequestFilter> bean = new FilterRegistrationBean<>(new Renamed());
        bean.setOrder(Ordered.HIGHEST_PRECEDENCE + 20);
        return bean;
    }

    private static final class Renamed extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            Optional<String> today = today(request.getRequestURI());
            if (today.isEmpty()) {
                chain.doFilter(request, response);
                return;
            }
            String query = request.getQueryString();
            response.setStatus(HttpStatus.PERMANENT_REDIRECT.value());
            response.setHeader("Location", today.get() + (query == null ? "" : "?" + query));
        }
    }
}
