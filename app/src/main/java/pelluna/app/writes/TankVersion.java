package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** How often each tank was written to, by whichever node: by it what is kept of a tank holds, or is asked for anew. */
@Component
public class TankVersion {
    private static final String KEPT = TankVersion.class.getName();

    private final JdbcClient jdbc;
    private final Clock clock;

    TankVersion(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * How often a tank was written to; 0 for one that nobody has. A page asks for those of all tanks that its keeper
     * sees at once, and before it reads anything of them.
     */
    public long of(long tank) {
        Optional<RequestAttributes> page = page();
        if (page.isEmpty()) {
            return numbers("tank_id = ?", tank).getOrDefault(tank, 0L);
        }
        Object known = page.get().getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST);
        if (!(known instanceof Known)) {
            known = new Known(numbers("true"));
            page.get().setAttribute(KEPT, known, RequestAttributes.SCOPE_REQUEST);
        }
        return ((Known) known).byTank().getOrDefault(tank, 0L);
    }

    /** Whether this is a request that writes nothing. */
    public static boolean onlyReads() {
        return page().isPresent();
    }

    private record Known(Map<Long, Long> byTank) {}

    /** The request, if it only reads. */
    private static Optional<RequestAttributes> page() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                        && "GET".equals(request.getRequest().getMethod())
                ? Optional.of(request)
                : Optional.empty();
    }

    private Map<Long, Long> numbers(String which, Object... by) {
        Map<Long, Long> numbers = new HashMap<>();
        return jdbc.sql("select tank_id, version from tank_change where " + which)
                .params(by)
                .query(rows -> {
                    while (rows.next()) {
                        numbers.put(rows.getLong("tank_id"), rows.getLong("version"));
                    }
                    return numbers;
                });
    }

    /**
     * An entity tag as a header has it, in quotes, and another after each write. What is said of a tank, down to how
     * long its fish are, hangs on the day too, so that it is another each day.
     */
    public String tag(long tank) {
        return "\"" + tank + "-" + of(tank) + "-" + LocalDate.now(clock).toEpochDay() + "\"";
    }

    /** @throws ChangedMeanwhile if a write is for another state of the tank than it has */
    void expected(HttpServletRequest request, long tank) {
        String wanted = request.getHeader(HttpHeaders.IF_MATCH);
        if (wanted == null || wanted.strip().equals("*")) {
            return;
        }
        String tag = tag(tank);
        if (Arrays.stream(wanted.split(",")).map(String::strip).noneMatch(tag::equals)) {
            throw new ChangedMeanwhile();
        }
    }
}
