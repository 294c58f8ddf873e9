package pelluna.app.losses;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import pelluna.app.rows.FishText;
import pelluna.app.rows.Row;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;
import pelluna.core.plan.FishFile;
import pelluna.core.units.Named;

/** Somebody who is here no more. Appended; put right by another row that takes its place, taken back by a mark. */
@Entity
@Table(name = "departure")
class DepartureEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "fish_id")
    private Long fishId;

    @Column(name = "crew_id")
    private Long crewId;

    private int count;

    @Column(name = "on_day")
    private LocalDate onDay;

    private String how;
    private String cause = "";
    private String sure = "";

    @Column(name = "by_fish")
    private Long byFish;

    private String seen = "";
    private Double cost;

    @Convert(converter = FishText.class)
    private FishFile was;

    private String changes = "";
    private String proposed = "";

    @Convert(converter = CircumstancesText.class)
    private Circumstances facts;

    @Column(name = "recorded_at")
    private Instant recordedAt;

    @Column(name = "replaced_by")
    private Long replacedBy;

    @Column(name = "taken_back")
    private Instant takenBack;

    @Column(name = "picture_id")
    private Long pictureId;

    protected DepartureEntity() {}

    DepartureEntity(Long tankId, LossReport told, Instant recordedAt) {
        this.tankId = tankId;
        this.fishId = told.fish();
        this.crewId = told.crew();
        this.count = told.count();
        this.onDay = told.on();
        this.how = told.how().word();
        this.recordedAt = recordedAt;
        tells(told);
    }

    private void tells(LossReport told) {
        this.cause = told.how() == Left.LOST ? told.cause().word() : "";
        this.sure = told.how() == Left.LOST ? told.sure().word() : "";
        this.byFish = told.how() == Left.LOST && told.cause().byAnother() ? told.by() : null;
        this.seen = told.seen();
        this.cost = told.cost();
    }

    /** The same with other words about it. */
    DepartureEntity putRight(LossReport told, Instant now) {
        DepartureEntity other = new DepartureEntity(tankId, told, now);
        other.remembers(was, changes, proposed, facts);
        other.shows(pictureId);
        return other;
    }

    /**
     * What was true when it was written down: the entry of the plan, what it changed, which cause the log would have
     * fit.
     */
    void remembers(FishFile entry, String changed, String likely, Circumstances known) {
        was = entry;
        changes = changed;
        proposed = likely;
        facts = known;
    }

    void shows(Long picture) {
        pictureId = picture;
    }

    /** The number of what was written in its place; null if it stands. */
    Long replacedBy() {
        return replacedBy;
    }

    void replaced(Long by) {
        replacedBy = by;
    }

    void takenBack(Instant when) {
        takenBack = when;
    }

    Long tankId() {
        return tankId;
    }

    /** Null for one of the crew. */
    Long fishId() {
        return fishId;
    }

    /** Null for a fish. */
    Long crewId() {
        return crewId;
    }

    int count() {
        return count;
    }

    LocalDate onDay() {
        return onDay;
    }

    Left how() {
        return Named.find(Left.class, how).orElse(Left.LOST);
    }

    boolean lost() {
        return how() == Left.LOST;
    }

    Cause cause() {
        return Named.find(Cause.class, cause).orElse(Cause.UNKNOWN);
    }

    Sure sure() {
        return Named.find(Sure.class, sure).orElse(Sure.GUESS);
    }

    Long byFish() {
        return byFish;
    }

    String seen() {
        return seen;
    }

    /** In the keeper's own money; null if nobody has said. */
    Double cost() {
        return cost;
    }

    /** Its entry in the plan file; null for what stood in no plan. */
    FishFile was() {
        return was;
    }

    String changes() {
        return changes;
    }

    String proposed() {
        return proposed;
    }

    private Circumstances facts() {
        return facts == null ? Circumstances.UNKNOWN : facts;
    }

    /** Whether the tank could be jumped out of; empty if nobody knows. */
    Optional<Boolean> openCover() {
        return Optional.ofNullable(facts().open());
    }

    /** Whether it was in quarantine, and not in the tank's water. */
    boolean inQuarantine() {
        return Boolean.TRUE.equals(facts().quarantine());
    }

    /** Whether it was written down long afterwards, of one that the plan never knew, or knows otherwise. */
    boolean remembered() {
        return Boolean.TRUE.equals(facts().remembered());
    }

    /** Whether it was in the see-through box. */
    boolean wasBoxed() {
        return Boolean.TRUE.equals(facts().boxed());
    }

    boolean counts() {
        return replacedBy == null && takenBack == null;
    }

    boolean wasTakenBack() {
        return takenBack != null;
    }

    /** Null without one. */
    Long pictureId() {
        return pictureId;
    }
}
