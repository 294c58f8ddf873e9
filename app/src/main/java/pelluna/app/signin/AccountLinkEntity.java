package pelluna.app.signin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;

/** Something that was sent to an address and opens something once. The secret itself is not kept. */
@Entity
@Table(name = "account_link")
class AccountLinkEntity extends Row {
    private byte[] secret;
    private String purpose;

    @Column(name = "keeper_id")
    private Long keeperId;

    private String email;

    @Column(name = "expires_at")
    private Instant expiresAt;

    protected AccountLinkEntity() {}

    AccountLinkEntity(byte[] secret, AccountLinks.Purpose purpose, Long keeperId, String email, Instant expiresAt) {
        this.secret = secret;
        this.purpose = purpose.word();
        this.keeperId = keeperId;
        this.email = email;
        this.expiresAt = expiresAt;
    }

    Long keeperId() {
        return keeperId;
    }

    String email() {
        return email;
    }
}
