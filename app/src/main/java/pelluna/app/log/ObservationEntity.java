package pelluna.app.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;
import pelluna.core.behaviour.EventType;
import pelluna.core.units.Named;

/** One line of the log: appended, taken back by a mark, never rewritten. */
@Entity
@Table(name = "log_entry")
class ObservationEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private Instant at;
    private String doing;

    @Column(name = "fish_id")
    private Long fishId;

    @Column(name = "other_id")
    private Long otherId;

    @Column(name = "watch_id")
    private Long watchId;

    private Double x;
    private Double y;
    private int gravity;
    private int times;
    private String note = "";
    private String own;

    @Column(name = "sent_key")
    private String sentKey;

    @Column(name = "author_id")
    private Long author;

    @Column(name = "author_name", insertable = false, updatable = false)
    private String authorName;

    @Column(name = "taken_back")
    private Instant takenBack;

    protected ObservationEntity() {}

    ObservationEntity(Long tankId, Observation sent, Long watchId, Long author) {
        this.tankId = tankId;
        this.at = sent.at();
        this.doing = sent.doing().word();
        this.fishId = sent.fish();
        this.otherId = sent.other();
        this.watchId = watchId;
        this.author = author;
        this.x = sent.x();
        this.y = sent.y();
        this.gravity = sent.gravity();
        this.times = sent.times();
        this.note = sent.note();
        this.sentKey = sent.key();
    }

    /** The number of the account that wrote it; null if that is gone. */
    Long author() {
        return author;
    }

    /** Who wrote it elsewhere, before it was brought in; null for whoever has an account here, or had one. */
    String authorName() {
        return authorName;
    }

    Instant at() {
        return at;
    }

    EventType doing() {
        return Named.find(EventType.class, doing).orElse(EventType.NOTE);
    }

    Long fishId() {
        return fishId;
    }

    Long otherId() {
        return otherId;
    }

    Long watchId() {
        return watchId;
    }

    Double x() {
        return x;
    }

    Double y() {
        return y;
    }

    int gravity() {
        return gravity;
    }

    int times() {
        return times;
    }

    String note() {
        return note;
    }

    /** What Pelluna itself notes, as JSON; null for nothing. */
    String own() {
        return own;
    }

    void notes(String row) {
        own = row;
    }

    boolean takenBack() {
        return takenBack != null;
    }

    void takeBack(Instant when) {
        takenBack = when;
    }
}
