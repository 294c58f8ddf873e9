package pelluna.app.pushservice;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.rows.Secrets;

/**
 * Keeps what was pushed to devices until they fetch it. A device has an address, which is the hash of a secret of its
 * own, so that whoever may write to it cannot read there; and what waits is encrypted for it besides.
 */
@Service
public class StandIn {
    /** Under which it is mounted. */
    public static final String PATH = "/push-service/";

    /** Seconds for which a message is kept at the most: four weeks, common practice among push services. */
    private static final long LONGEST = Duration.ofDays(28).toSeconds();

    private static final int MOST_WAITING = 50;
    private static final Pattern ADDRESS = Pattern.compile("[A-Za-z0-9_-]{43}");

    private final JdbcClient jdbc;
    private final Clock clock;

    StandIn(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What waits for a device. @param id grows with every message; @param body as RFC 8188 has it */
    record Waiting(long id, byte[] body) {}

    /** Whether a device could have this address. */
    public static boolean known(String endpoint) {
        return endpoint.startsWith(PATH)
                && ADDRESS.matcher(endpoint.substring(PATH.length())).matches();
    }

    /**
     * Opens a mailbox, as a browser does when it subscribes. One that is open already stays as it is.
     *
     * @param endpoint  its path, '/push-service/' and the address
     * @param serverKey by which the one server is known that may write to it: RFC 8292, in base64url
     */
    @Transactional
    public void open(String endpoint, String serverKey) {
        jdbc.sql("""
                        insert into push_mailbox (address, server_key, made_at) values (?, ?, ?)
                        on conflict do nothing""")
                .params(endpoint.substring(PATH.length()), serverKey, at(clock.instant()))
                .update();
    }

    /** Closes it, as a browser does that has had enough. */
    @Transactional
    public void close(String endpoint) {
        jdbc.sql("delete from push_mailbox where address = ?")
                .param(endpoint.substring(PATH.length()))
                .update();
    }

    /** Whether a server of this key may write to an address; empty if there is no such address. */
    @Transactional(readOnly = true)
    Optional<Boolean> mayWrite(String address, String serverKey) {
        return jdbc.sql("select server_key = ? from push_mailbox where address = ?")
                .params(serverKey, address)
                .query(Boolean.class)
                .optional();
    }

    /**
     * Keeps a message.
     *
     * @param seconds for how long; what is not kept at all reaches nobody here, for no device waits on the line
     * @param topic   a newer one of the same replaces it; null without
     */
    @Transactional
    long keep(String address, byte[] body, long seconds, String topic) {
        jdbc.sql("delete from push_message where expires_at < ?")
                .param(at(clock.instant()))
                .update();
        if (topic != null) {
            jdbc.sql("delete from push_message where address = ? and topic = ?")
                    .params(address, topic)
                    .update();
        }
        long id = jdbc.sql("""
                        insert into push_message (address, topic, body, expires_at) values (?, ?, ?, ?)
                        returning id""")
                .params(address, topic, body, at(clock.instant().plusSeconds(Math.min(seconds, LONGEST))))
                .query(Long.class)
                .single();
        leaveTheNewest(address);
        return id;
    }

    private void leaveTheNewest(String address) {
        String old = """
                delete from push_message where address = ? and id not in
                  (select id from push_message where address = ? order by id desc limit ?)""";
        jdbc.sql(old).params(address, address, MOST_WAITING).update();
    }

    /** What waits for the device of a secret, oldest first. @param after the last that it has */
    @Transactional(readOnly = true)
    List<Waiting> waiting(String secret, long after) {
        String address = Base64.getUrlEncoder().withoutPadding().encodeToString(Secrets.hashed(secret));
        return jdbc.sql("select id, body from push_message where address = ? and id > ? and expires_at >= ?"
                        + " order by id")
                .params(address, after, at(clock.instant()))
                .query((row, n) -> new Waiting(row.getLong("id"), row.getBytes("body")))
                .list();
    }

    private static Timestamp at(Instant moment) {
        return Timestamp.from(moment);
    }
}
