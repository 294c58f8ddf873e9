package pelluna.app.quarantine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.OptionalDouble;
import pelluna.app.rows.Row;
import pelluna.core.introduction.Look;

/** A daily look, appended and never changed. */
@Entity
@Table(name = "quarantine_check")
class CheckEntity extends Row {
    @Column(name = "stay_id")
    private Long stayId;

    @Column(name = "looked_on")
    private LocalDate lookedOn;

    private boolean eats;
    private boolean spots;

    @Column(name = "fast_breath")
    private boolean fastBreath;

    @Column(name = "torn_fins")
    private boolean tornFins;

    private Double salinity;
    private String note = "";

    protected CheckEntity() {}

    CheckEntity(Long stayId, Look look, Double salinity, String note) {
        this.stayId = stayId;
        this.lookedOn = look.on();
        this.eats = look.eats();
        this.spots = look.spots();
        this.fastBreath = look.fastBreath();
        this.tornFins = look.tornFins();
        this.salinity = salinity;
        this.note = note;
    }

    Look look() {
        return new Look(lookedOn, eats, spots, fastBreath, tornFins);
    }

    OptionalDouble salinity() {
        return salinity == null ? OptionalDouble.empty() : OptionalDouble.of(salinity);
    }

    String note() {
        return note;
    }

    Long stayId() {
        return stayId;
    }
}
