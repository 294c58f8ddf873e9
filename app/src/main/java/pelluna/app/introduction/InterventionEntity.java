package pelluna.app.introduction;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;
import pelluna.core.introduction.Intervention;
import pelluna.core.units.Named;

/** Something that a keeper did about it, from when to when. */
@Entity
@Table(name = "measure_taken")
class InterventionEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String measure;

    @Column(name = "for_fish")
    private Long forFish;

    @Column(name = "by_fish")
    private Long byFish;

    @Column(name = "began_at")
    private Instant beganAt;

    @Column(name = "ended_at")
    private Instant endedAt;

    private String note = "";

    protected InterventionEntity() {}

    InterventionEntity(Long tankId, Intervention measure, Long forFish, Long byFish, Instant beganAt, String note) {
        this.tankId = tankId;
        this.measure = measure.word();
        this.forFish = forFish;
        this.byFish = byFish;
        this.beganAt = beganAt;
        this.note = note;
    }

    Long tankId() {
        return tankId;
    }

    public Intervention measure() {
        return Named.find(Intervention.class, measure).orElse(Intervention.FEED_MORE);
    }

    /** The fish that is pressed. */
    public Long forFish() {
        return forFish;
    }

    /** The one that presses it; null if nobody by name. */
    public Long byFish() {
        return byFish;
    }

    /** Who cannot press or be pressed meanwhile: the boss on its time-out, the newcomer in the box; null for none. */
    public Long goesOut() {
        return switch (measure()) {
            case TIME_OUT -> byFish;
            case BACK_THROUGH_BOX -> forFish;
            default -> null;
        };
    }

    public Instant beganAt() {
        return beganAt;
    }

    /** Null while it goes on. */
    public Instant endedAt() {
        return endedAt;
    }

    public String note() {
        return note;
    }

    void ends(Instant at) {
        endedAt = at;
    }
}
