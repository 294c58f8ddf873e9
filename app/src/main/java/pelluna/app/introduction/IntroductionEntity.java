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
import pelluna.words.Words;

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

    @Column(name = "ended_as")
    private String endedAs = "";

    /** What the keeper said of it. */
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

    /** Empty while it goes on. */
    Optional<Ended> ended() {
        return Named.find(Ended.class, endedAs);
    }

    /** How it ended, in the keeper's words where there are any; empty while it goes on. */
    String ended(Words say) {
        return !endedHow.isEmpty() ? endedHow : ended().map(say::of).orElse("");
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

    /** @param how in the keeper's words; empty without */
    void ends(Instant at, Ended as, String how) {
        endedAt = at;
        endedAs = as.word();
        endedHow = how;
    }

    void goesOn() {
        endedAt = null;
        endedAs = "";
        endedHow = "";
    }

    boolean inTheBox() {
        return boxedAt != null && releasedAt == null && endedAt == null;
    }
}
