package pelluna.app.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Locale;
import pelluna.app.account.TankRole;
import pelluna.app.rows.Row;

/** Somebody who may enter a tank once they have opened a link. The secret itself is not kept. */
@Entity
@Table(name = "invitation")
class InvitationEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String role;
    private String email;
    private byte[] secret;

    @Column(name = "expires_at")
    private Instant expiresAt;

    protected InvitationEntity() {}

    InvitationEntity(long tank, TankRole role, String email, byte[] secret, Instant expiresAt) {
        this.tankId = tank;
        this.role = role.name().toLowerCase(Locale.ROOT);
        this.email = email;
        this.secret = secret;
        this.expiresAt = expiresAt;
    }

    long tank() {
        return tankId;
    }

    TankRole role() {
        return TankRole.valueOf(role.toUpperCase(Locale.ROOT));
    }

    String email() {
        return email;
    }

    Instant expiresAt() {
        return expiresAt;
    }
}
