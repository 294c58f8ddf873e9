package pelluna.app.introduction;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import pelluna.app.rows.Row;
import pelluna.core.introduction.ReleaseCheck;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** A look at a fish after its release. */
@Entity
@Table(name = "release_look")
class ReleaseCheckEntity extends Row {
    @Column(name = "bringing_id")
    private Long bringingId;

    private String look;

    @Column(name = "looked_at")
    private Instant lookedAt;

    @Column(name = "in_sight")
    private boolean inSight;

    private boolean whole;
    private boolean eats;
    private boolean chased;
    private String note = "";

    protected ReleaseCheckEntity() {}

    ReleaseCheckEntity(
            Long bringingId,
            ReleaseCheck look,
            Instant lookedAt,
            boolean inSight,
            boolean whole,
            boolean eats,
            boolean chased,
            String note) {
        this.bringingId = bringingId;
        this.look = look.word();
        this.lookedAt = lookedAt;
        this.inSight = inSight;
        this.whole = whole;
        this.eats = eats;
        this.chased = chased;
        this.note = note;
    }

    ReleaseCheck look() {
        return Named.find(ReleaseCheck.class, look).orElse(ReleaseCheck.DAY_7);
    }

    Long introduction() {
        return bringingId;
    }

    Instant lookedAt() {
        return lookedAt;
    }

    /** 'out, whole, eats; chased'. */
    String says(Words say) {
        List<String> seen = new ArrayList<>();
        seen.add(inSight ? say.text("page.introduction.lookOut") : say.text("page.introduction.lookNotInSight"));
        seen.add(whole ? say.text("page.introduction.lookWhole") : say.text("page.introduction.lookNotWhole"));
        seen.add(eats ? say.text("page.introduction.lookEats") : say.text("page.introduction.lookNotSeenEating"));
        if (chased) {
            seen.add(say.text("page.introduction.lookChased"));
        }
        return String.join(", ", seen) + (note.isEmpty() ? "" : " · " + note);
    }
}
