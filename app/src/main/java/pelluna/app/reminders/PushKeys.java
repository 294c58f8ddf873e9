package pelluna.app.reminders;

import com.interaso.webpush.VapidKeys;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The pair of keys by which push services know this server (RFC 8292). Made once, and kept with the data. */
@Component
class PushKeys {
    private final JdbcClient jdbc;

    PushKeys(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Asked for in the server's own name: no keeper sees the row. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public VapidKeys find() {
        if (kept().isEmpty()) {
            VapidKeys made = VapidKeys.generate();
            // two nodes may come at once: the first counts
            jdbc.sql("insert into push_key (public_key, private_key) values (?, ?) on conflict do nothing")
                    .params(made.getX509PublicKey(), made.getPkcs8PrivateKey())
                    .update();
        }
        return kept().orElseThrow();
    }

    private Optional<VapidKeys> kept() {
        return jdbc.sql("select public_key, private_key from push_key")
                .query((row, n) -> VapidKeys.create(row.getString("public_key"), row.getString("private_key")))
                .optional();
    }
}
