package pelluna.app.introduction;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import pelluna.app.rows.Row;
import pelluna.core.introduction.Method;
import pelluna.core.introduction.SeeThroughBox;
import pelluna.core.units.Named;

/** How a fish is brought in: into the box, out of it, and how it ended. */
@Entity
@Table(name = "bringing_in")
class IntroductionEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "fish_id")
    private Long fishId;

    private String method;

    @Column(name = "box_length_cm")
    private Double boxLengthCm;

    @Column(name = "box_width_cm")
    private Double boxWidthCm;

    @Column(name = "box_height_cm")
    private Double boxHeightCm;

    @Column(name = "boxed_at")
    private Instant boxedAt;

    @Column(name = "released_at")
    private Instant releasedAt;

    @Column(name = "ended_at")
    private Instant endedAt;

    @Column(name = "ended_how")
    private String endedHow = "";

    protected IntroductionEntity() {}

    IntroductionEntity(Long tankId, Long fishId, Method method) {
        this.tankId = tankId;
        this.fishId = fishId;
        this.method = method.word();
    }

    Long fishId() {
        return fishId;
    }

    Method method() {
        return Named.find(Method.class, method).orElse(Method.BOX_DAYS);
    }

    /** Empty without a box, or if its size is not known. */
    Optional<SeeThroughBox> box() {
        return boxLengthCm == null || boxWidthCm == null || boxHeightCm == null
                ? Optional.empty()
                : Optional.of(new SeeThroughBox(boxLengthCm, boxWidthCm, boxHeightCm));
    }

    /** Null if it went straight in. */
    Instant boxedAt() {
        return boxedAt;
    }

    /** Null while it is in the box. */
    Instant releasedAt() {
        return releasedAt;
    }

    /** Null while it goes on. */
    Instant endedAt() {
        return endedAt;
    }

    String endedHow() {
        return endedHow;
    }

    void boxed(Instant at, SeeThroughBox box) {
        boxedAt = at;
        if (box != null) {
            boxLengthCm = box.lengthCm();
            boxWidthCm = box.widthCm();
            boxHeightCm = box.heightCm();
        }
    }

    void released(Instant at) {
        releasedAt = at;
    }

    void ends(Instant at, String how) {
        endedAt = at;
        endedHow = how;
    }

    boolean inTheBox() {
        return boxedAt != null && releasedAt == null && endedAt == null;
    }
}
