package pelluna.app.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import pelluna.app.rows.Row;

/** A stretch of time in which somebody watched. */
@Entity
@Table(name = "watch")
public class WatchEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "began_at")
    private Instant beganAt;

    @Column(name = "ended_at")
    private Instant endedAt;

    @Column(name = "sent_key")
    private String sentKey;

    protected WatchEntity() {}

    WatchEntity(Long tankId, Instant beganAt, String sentKey) {
        this.tankId = tankId;
        this.beganAt = beganAt;
        this.sentKey = sentKey;
    }

    public Instant beganAt() {
        return beganAt;
    }

    /** Null while it runs. */
    public Instant endedAt() {
        return endedAt;
    }

    void ends(Instant at) {
        endedAt = at;
    }

    boolean covers(Instant at) {
        return !at.isBefore(beganAt) && (endedAt == null || !at.isAfter(endedAt));
    }

    public double hours() {
        return endedAt == null ? 0 : Duration.between(beganAt, endedAt).toSeconds() / 3600.0;
    }
}
