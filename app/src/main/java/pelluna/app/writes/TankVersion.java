package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * How often a tank was written to, as an entity tag. What is said of a tank, down to how long its fish are, hangs on
 * the day too, so that the tag is another each day.
 */
@Component
public class TankVersion {
    private final JdbcClient jdbc;

    private final Clock clock;

    TankVersion(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** As a header has it: in quotes, and another after each write. */
    public String tag(long tank) {
        long changes = jdbc.sql("select coalesce((select version from tank_change where tank_id = ?), 0)")
                .param(tank)
                .query(Long.class)
                .single();
        return "\"" + tank + "-" + changes + "-" + LocalDate.now(clock).toEpochDay() + "\"";
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
