package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponentsBuilder;
import pelluna.app.limits.Refused;

/**
 * Every write of a page: whole or not at all, one at a time for a tank, and once for each key. What a handler
 * refuses is rolled back, and its page
 * comes as the answer itself, with what was typed still in it.
 */
@Component
class Writes {
    /** Says to whoever sent it that this very write is in the database. */
    static final String SAVED = "Pelluna-Saved";

    private static final String REDIRECT = "redirect:";
    /** A tank and its sandbox have one lock, held until the write ends. */
    private static final String THE_TANK = """
            select 1 from (
              select pg_advisory_xact_lock(coalesce((select sandbox_of from tank where id = ?), ?))) held""";

    private static final Pattern TANK = Pattern.compile("/tanks/(\\d{1,18})(/.*)?");

    private final PlatformTransactionManager transactions;
    private final JdbcClient jdbc;
    private final WriteKeys keys;
    private final TankVersion versions;
    private final String forTheTank;
    private final String forARow;

    /**
     * @param forTheTank how long others who write to the same tank are waited for; a page still answers within three
     *     seconds
     * @param forARow how long any other lock is waited for, as on every connection
     */
    Writes(
            PlatformTransactionManager transactions,
            JdbcClient jdbc,
            WriteKeys keys,
            TankVersion versions,
            @Value("${pelluna.waits.tank}") String forTheTank,
            @Value("${pelluna.waits.row}") String forARow) {
        this.transactions = transactions;
        this.jdbc = jdbc;
        this.keys = keys;
        this.versions = versions;
        this.forTheTank = forTheTank;
        this.forARow = forARow;
    }

    /**
     * @param arguments of the handler
     * @return what the handler returned, or the answer that the same write was given before
     */
    Object once(HttpServletRequest request, HttpServletResponse response, Object[] arguments, Callable<Object> handler)
            throws Exception {
        return Turns.whole(() -> turn(request, response, arguments, handler));
    }

    /** What the same write was answered before; empty if it was not done, or has no key. */
    Optional<Object> before(HttpServletRequest request, HttpServletResponse response) {
        String key = WriteKeys.of(request);
        Optional<String> known = key.isEmpty() ? Optional.empty() : keys.known(key, WriteKeys.print(request));
        known.ifPresent(answer -> response.setHeader(SAVED, key));
        return known.map(KeptAnswer::read);
    }

    private Object turn(
            HttpServletRequest request, HttpServletResponse response, Object[] arguments, Callable<Object> handler)
            throws Exception {
        String key = WriteKeys.of(request);
        String print = key.isEmpty() ? "" : WriteKeys.print(request);
        TransactionStatus write = transactions.getTransaction(new DefaultTransactionDefinition());
        Object answer;
        try {
            oneAtATime(request);
            Optional<String> before = key.isEmpty() ? Optional.empty() : keys.take(key, print);
            if (before.isPresent() && !before.get().isEmpty()) {
                transactions.rollback(write);
                response.setHeader(SAVED, key);
                return KeptAnswer.read(before.get());
            }
            expected(request);
            answer = handler.call();
            String location = location(answer, arguments);
            Optional<Refused> refused = told(arguments);
            if (refused.isPresent() || refused(answer) || write.isRollbackOnly()) {
                transactions.rollback(write);
                return refused.isPresent() ? RefusedPages.show(request, response, location, refused.get()) : answer;
            }
            changed(request);
            if (!key.isEmpty()) {
                keys.answered(key, print, KeptAnswer.text(answer, location));
            }
        } catch (Exception | Error e) {
            undo(write, e);
            throw e;
        }
        transactions.commit(write);
        if (response.getStatus() < HttpServletResponse.SC_BAD_REQUEST) {
            response.setHeader(SAVED, key.isEmpty() ? "yes" : key);
        }
        return answer;
    }

    /** Why it failed counts, not that a lost connection could not even be told to forget it. */
    private void undo(TransactionStatus write, Throwable why) {
        try {
            if (!write.isCompleted()) {
                transactions.rollback(write);
            }
        } catch (RuntimeException e) {
            why.addSuppressed(e);
        }
    }

    /** A tank and its sandbox are one thing here. */
    private void oneAtATime(HttpServletRequest request) {
        Matcher tank = TANK.matcher(request.getRequestURI());
        if (tank.matches()) {
            long id = Long.parseLong(tank.group(1));
            waitAtMost(forTheTank);
            jdbc.sql(THE_TANK).params(id, id).query(Integer.class).single();
            waitAtMost(forARow);
        }
    }

    private void expected(HttpServletRequest request) {
        Matcher tank = TANK.matcher(request.getRequestURI());
        if (tank.matches()) {
            versions.expected(request, Long.parseLong(tank.group(1)));
        }
    }

    /** What any node keeps at hand of the tank is old now. */
    private void changed(HttpServletRequest request) {
        Matcher tank = TANK.matcher(request.getRequestURI());
        if (tank.matches()) {
            jdbc.sql("""
                    select tank_changed(?) is null""")
                    .param(Long.parseLong(tank.group(1)))
                    .query(Boolean.class)
                    .single();
        }
    }

    /** For locks, until this transaction ends. */
    private void waitAtMost(String time) {
        jdbc.sql("select set_config('lock_timeout', ?, true)")
                .param(time)
                .query(String.class)
                .single();
    }

    /** A script is refused by the status of its answer. */
    private static boolean refused(Object answer) {
        return answer instanceof ResponseEntity<?> entity
                && entity.getStatusCode().isError();
    }

    /** Why the handler has refused, and shows it on the page that it leads to. */
    private static Optional<Refused> told(Object[] arguments) {
        return Stream.of(arguments)
                .filter(RedirectAttributes.class::isInstance)
                .map(a -> Refused.told((RedirectAttributes) a))
                .filter(Objects::nonNull)
                .findFirst();
    }

    /** Where an answer leads to, its attributes put in; null if nowhere. */
    private static String location(Object answer, Object[] arguments) {
        if (answer instanceof String view && view.startsWith(REDIRECT)) {
            UriComponentsBuilder to = UriComponentsBuilder.fromUriString(view.substring(REDIRECT.length()));
            Stream.of(arguments)
                    .filter(RedirectAttributes.class::isInstance)
                    .map(RedirectAttributes.class::cast)
                    .flatMap(a -> a.asMap().entrySet().stream())
                    .filter(e -> e.getValue() != null)
                    .forEach(e -> to.queryParam(e.getKey(), encoded(e)));
            return to.build(true).toUriString();
        }
        return answer instanceof ResponseEntity<?> entity && entity.getHeaders().getLocation() != null
                ? entity.getHeaders().getLocation().toString()
                : null;
    }

    private static String encoded(Map.Entry<String, Object> attribute) {
        return URLEncoder.encode(attribute.getValue().toString(), StandardCharsets.UTF_8);
    }
}
