package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Keys of what was sent and what was answered, in the transaction of the write itself: a key stands here if, and only
 * if, its write does.
 * A second request with a key that is being written waits for the first, and then gets its answer.
 */
@Component
class WriteKeys {
    /** Parameter and header that carry a key. */
    static final String PARAMETER = "key";

    static final String HEADER = "Pelluna-Key";
    /** A repeat after this long is a new write. */
    private static final int DAYS_KEPT = 90;
    /** What may differ between two sendings of the same. */
    private static final Set<String> NOT_COMPARED =
            Set.of(PARAMETER, "at", "quiet", "_csrf", "password", "current", "code");
    /** What is typed once and stands nowhere afterwards, not even as a sum. */
    static final Set<String> SECRET = Set.of("password", "current", "code");

    private final JdbcClient jdbc;
    private final Clock clock;

    WriteKeys(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The key of a request; empty if it has none. */
    static String of(HttpServletRequest request) {
        String header = request.getHeader(HEADER);
        String key = header != null ? header : request.getParameter(PARAMETER);
        return key == null ? "" : key.strip();
    }

    /**
     * Takes a key for this write, once whoever else holds it is done.
     *
     * @return the answer to the same write, if it was done before; empty text if it had none to keep
     */
    Optional<String> take(String key, String print) {
        int taken = jdbc.sql(
                        "insert into sent_write (sent_key, print, answer, sent_at) values (?, ?, '', ?) on conflict "
                                + "do nothing")
                .params(key, print, clock.instant().atOffset(ZoneOffset.UTC))
                .update();
        return taken == 1
                ? Optional.empty()
                : jdbc.sql("select answer from sent_write where sent_key = ? and print = ?")
                        .params(key, print)
                        .query(String.class)
                        .optional();
    }

    /** The answer that a write was given; empty if it was not done. */
    Optional<String> known(String key, String print) {
        return jdbc.sql("select answer from sent_write where sent_key = ? and print = ? and answer <> ''")
                .params(key, print)
                .query(String.class)
                .optional();
    }

    void answered(String key, String print, String answer) {
        jdbc.sql("update sent_write set answer = ? where sent_key = ? and print = ?")
                .params(answer, key, print)
                .update();
    }

    /** At every start: keys that are old enough are forgotten. */
    @EventListener(ApplicationReadyEvent.class)
    void forgetOld() {
        Instant before = clock.instant().minus(DAYS_KEPT, ChronoUnit.DAYS);
        jdbc.sql("delete from sent_write where sent_at < ?")
                .param(before.atOffset(ZoneOffset.UTC))
                .update();
    }

    /** What was sent, as a sum: the same form filled in otherwise is another write, even with the same key. */
    static String print(HttpServletRequest request) {
        try {
            MessageDigest sum = MessageDigest.getInstance("SHA-256");
            sum.update((request.getRemoteUser() + " " + request.getRequestURI()).getBytes(StandardCharsets.UTF_8));
            for (Map.Entry<String, String[]> sent : new TreeMap<>(request.getParameterMap()).entrySet()) {
                if (!NOT_COMPARED.contains(sent.getKey())) {
                    sum.update(
                            (sent.getKey() + "=" + Arrays.toString(sent.getValue())).getBytes(StandardCharsets.UTF_8));
                }
            }
            return HexFormat.of().formatHex(sum.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
