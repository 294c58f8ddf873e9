package pelluna.app.crew;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import pelluna.app.rows.Row;
import pelluna.core.crew.Attrition;

/** How many of a crew there were on a day, and how many came. */
@Entity
@Table(name = "crew_count")
class CrewCountEntity extends Row {
    @Column(name = "crew_id")
    private Long crewId;

    @Column(name = "on_day")
    private LocalDate onDay;

    private int count;
    private int added;
    private String note = "";

    protected CrewCountEntity() {}

    CrewCountEntity(Long crewId, LocalDate onDay, int count, int added, String note) {
        this.crewId = crewId;
        this.onDay = onDay;
        this.count = count;
        this.added = added;
        this.note = note;
    }

    Long crewId() {
        return crewId;
    }

    String note() {
        return note;
    }

    Attrition.Count count() {
        return new Attrition.Count(onDay, count, added);
    }
}
