package pelluna.app.probe;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;

/** A probe in a tank: where to ask it, how often, and how it answered last. */
@Entity
@Table(name = "probe")
class ProbeEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String address;

    @Column(name = "every_minutes")
    private int everyMinutes = 5;

    private boolean reads = true;

    @Column(name = "asked_at")
    private Instant askedAt;

    @Column(name = "answered_at")
    private Instant answeredAt;

    private String trouble = "";

    protected ProbeEntity() {}

    ProbeEntity(Long tankId, String address, int everyMinutes) {
        this.tankId = tankId;
        this.address = address;
        this.everyMinutes = everyMinutes;
    }

    Long tankId() {
        return tankId;
    }

    String address() {
        return address;
    }

    int everyMinutes() {
        return everyMinutes;
    }

    boolean reads() {
        return reads;
    }

    /** Null if it was never asked. */
    Instant askedAt() {
        return askedAt;
    }

    /** Null if it never answered. */
    Instant answeredAt() {
        return answeredAt;
    }

    /** What went wrong when it was last asked, as JSON; empty if nothing did. */
    String trouble() {
        return trouble;
    }

    void asks(String where, int minutes, boolean on) {
        address = where;
        everyMinutes = minutes;
        reads = on;
        trouble = "";
    }

    void asked(Instant at, String wrong) {
        askedAt = at;
        trouble = wrong;
        if (wrong.isEmpty()) {
            answeredAt = at;
        }
    }

    boolean due(Instant now) {
        return reads
                && (askedAt == null || !askedAt.plusSeconds(60L * everyMinutes).isAfter(now));
    }
}
