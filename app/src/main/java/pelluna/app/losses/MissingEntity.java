package pelluna.app.losses;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import pelluna.app.rows.Row;

/** A fish, or some of a group, that is not seen and not known to be lost; until it is found, or given up for lost. */
@Entity
@Table(name = "missing")
class MissingEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "fish_id")
    private Long fishId;

    private int count;

    @Column(name = "since_on")
    private LocalDate sinceOn;

    @Column(name = "ended_on")
    private LocalDate endedOn;

    @Column(name = "ended_how")
    private String endedHow = "";

    protected MissingEntity() {}

    MissingEntity(Long tankId, Long fishId, int count, LocalDate sinceOn) {
        this.tankId = tankId;
        this.fishId = fishId;
        this.count = count;
        this.sinceOn = sinceOn;
    }

    Long tankId() {
        return tankId;
    }

    Long fishId() {
        return fishId;
    }

    int count() {
        return count;
    }

    LocalDate sinceOn() {
        return sinceOn;
    }

    boolean open() {
        return endedOn == null;
    }

    void ends(LocalDate on, String how) {
        endedOn = on;
        endedHow = how;
    }

    String endedHow() {
        return endedHow;
    }
}
