package pelluna.app.mail;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;

/** A letter that was written to somebody. */
@Entity
@Table(name = "mail")
class MailEntity extends Row {
    private String address;
    private String subject;
    private String body;

    @Column(name = "written_at")
    private Instant writtenAt;

    protected MailEntity() {}

    MailEntity(String address, String subject, String body, Instant writtenAt) {
        this.address = address;
        this.subject = subject;
        this.body = body;
        this.writtenAt = writtenAt;
    }

    Letter letter() {
        return new Letter(address, subject, body, writtenAt);
    }
}
