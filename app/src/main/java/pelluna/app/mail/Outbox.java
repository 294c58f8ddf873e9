package pelluna.app.mail;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A simulated outbox: what would go out by mail is kept here for a week. The demo shows it on a page, './pelluna mail'
 * prints it to whoever has the machine; nothing leaves it.
 */
@Service
public class Outbox {
    private static final Duration KEPT = Duration.ofDays(7);

    private final MailRows rows;
    private final Clock clock;

    Outbox(MailRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    @Transactional
    public void write(String address, String subject, String body) {
        rows.deleteByWrittenAtBefore(clock.instant().minus(KEPT));
        rows.save(new MailEntity(address, subject, body, clock.instant()));
    }

    /** The last fifty, newest first. */
    @Transactional(readOnly = true)
    public List<Letter> letters() {
        return rows.findTop50ByOrderByIdDesc().stream().map(MailEntity::letter).toList();
    }

    /** What was written to an address that is no keeper's any more. */
    @Transactional
    public void forget(String address) {
        rows.deleteByAddress(address);
    }
}
