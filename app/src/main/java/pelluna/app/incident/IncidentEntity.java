package pelluna.app.incident;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import pelluna.app.limits.Refused;
import pelluna.app.rows.Row;
import pelluna.core.losses.IncidentKind;
import pelluna.core.units.Named;

/** Something that went wrong, looked back on: the days around it, what its keeper makes of it. */
@Entity
@Table(name = "incident")
class IncidentEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String title;
    private String kind;

    @Column(name = "on_day")
    private LocalDate onDay;

    @Column(name = "from_day")
    private LocalDate fromDay;

    @Column(name = "until_day")
    private LocalDate untilDay;

    @Column(name = "fish_id")
    private Long fishId;

    private String what = "";
    private String lesson = "";

    protected IncidentEntity() {}

    /** @param fishId the fish that it is about; null if several or none */
    IncidentEntity(Long tankId, String title, IncidentKind kind, Days days, Long fishId) {
        this.tankId = tankId;
        this.fishId = fishId;
        is(title, kind, days);
    }

    /**
     * The day, the first and the last that are looked at. @throws Refused, if they
     * are out of order
     */
    record Days(LocalDate on, LocalDate from, LocalDate until) {
        private static final int MOST = 200;

        Days {
            if (from.isAfter(on) || until.isBefore(on)) {
                throw new Refused(new IncidentRefusal.DayOutside());
            }
            if (from.plusDays(MOST).isBefore(until)) {
                throw new Refused(new IncidentRefusal.TooManyDays(MOST));
            }
        }
    }

    void is(String newTitle, IncidentKind newKind, Days days) {
        title = newTitle;
        kind = newKind.word();
        onDay = days.on();
        fromDay = days.from();
        untilDay = days.until();
    }

    void told(String whatHappened, String learnt) {
        what = whatHappened;
        lesson = learnt;
    }

    String title() {
        return title;
    }

    IncidentKind kind() {
        return Named.find(IncidentKind.class, kind).orElse(IncidentKind.LOSS);
    }

    Days days() {
        return new Days(onDay, fromDay, untilDay);
    }

    /** Null if it is about several, or none. */
    Long fishId() {
        return fishId;
    }

    String what() {
        return what;
    }

    String lesson() {
        return lesson;
    }
}
