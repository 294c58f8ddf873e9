package pelluna.app.probe;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;

/** What a probe said; kept even if doubtful, but then counted nowhere. */
@Entity
@Table(name = "probe_reading")
class ReadingEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private Instant at;

    @Column(name = "temperature_c")
    private Double temperatureC;

    private Double salinity;
    private Double ph;
    private String doubt = "";

    protected ReadingEntity() {}

    ReadingEntity(Long tankId, Reading reading, String doubt) {
        this.tankId = tankId;
        this.at = reading.at();
        this.temperatureC = reading.temperatureC();
        this.salinity = reading.salinity();
        this.ph = reading.pH();
        this.doubt = doubt;
    }

    Reading reading() {
        return new Reading(at, temperatureC, salinity, ph);
    }

    /** Why it is not believed; empty if it is. */
    String doubt() {
        return doubt;
    }
}
