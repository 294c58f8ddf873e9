package pelluna.app.database;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import pelluna.app.writes.Answers;

/** While the database is gone, pages are answered at once; what needs no data, as styles and scripts, comes as ever. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class DatabaseGate extends OncePerRequestFilter {
    private static final Pattern NO_DATA = Pattern.compile("/(?!tanks/).*\\.(css|js|svg|woff2)|/alive|/error");
    private final DatabaseWatch watch;
    private final Answers answers;

    DatabaseGate(DatabaseWatch watch, Answers answers) {
        this.watch = watch;
        this.answers = answers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<DatabaseTrouble> trouble = watch.trouble();
        if (trouble.isPresent() && !NO_DATA.matcher(request.getRequestURI()).matches()) {
            answers.plain(request, response, HttpStatus.SERVICE_UNAVAILABLE.value(), trouble.get());
            return;
        }
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            // who has signed in is asked of the database too, before any page
            Optional<DatabaseTrouble> met = DatabaseTrouble.of(e);
            if (met.isEmpty()) {
                throw e;
            }
            watch.met(met.get());
            answers.plain(request, response, HttpStatus.SERVICE_UNAVAILABLE.value(), met.get());
        }
    }
}
