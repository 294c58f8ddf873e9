package pelluna.app.today;

import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** How often each tank was written to, by whichever node: asked once in a request, for all tanks that one sees. */
@Component
class TankChanges {
    private static final String KEPT = TankChanges.class.getName();

    private final JdbcClient jdbc;

    TankChanges(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** @return 0 for one that nobody has written to yet */
    long of(long tank) {
        RequestAttributes request = RequestContextHolder.currentRequestAttributes();
        Known known = (Known) request.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST);
        if (known == null) {
            known = new Known(all());
            request.setAttribute(KEPT, known, RequestAttributes.SCOPE_REQUEST);
        }
        return known.byTank().getOrDefault(tank, 0L);
    }

    private record Known(Map<Long, Long> byTank) {}

    private Map<Long, Long> all() {
        Map<Long, Long> numbers = new HashMap<>();
        return jdbc.sql("select tank_id, version from tank_change").query(rows -> {
            while (rows.next()) {
                numbers.put(rows.getLong("tank_id"), rows.getLong("version"));
            }
            return numbers;
        });
    }
}
