package pelluna.app.livestock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import pelluna.app.rows.Row;
import pelluna.core.livestock.LifeEvent;
import pelluna.core.units.Named;

/** One thing that happened in a life. Appended, never changed. */
@Entity
@Table(name = "livestock_event")
class LifeEventEntity extends Row {
    @Column(name = "livestock_id")
    private Long livestockId;

    private String event;

    @Column(name = "on_day")
    private LocalDate onDay;

    /** As it was put before there was a word for it; empty for most. */
    private String note = "";

    @Column(name = "recorded_at")
    private Instant recordedAt;

    protected LifeEventEntity() {}

    LifeEventEntity(Long livestockId, LifeEvent event, LocalDate onDay, Instant recordedAt) {
        this.livestockId = livestockId;
        this.event = event.word();
        this.onDay = onDay;
        this.recordedAt = recordedAt;
    }

    LifeEvent event() {
        return Named.find(LifeEvent.class, event).orElseThrow();
    }

    LocalDate onDay() {
        return onDay;
    }

    String note() {
        return note;
    }
}
