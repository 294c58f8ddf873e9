package pelluna.app.probe;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import pelluna.app.rows.Row;
import pelluna.app.rows.StatementJson;
import pelluna.core.units.Statement;
import pelluna.words.Words;

/** What a probe said; kept even if doubtful, but then counted nowhere. */
@Entity
@Table(name = "probe_reading")
class ReadingEntity extends Row {
    private static final StatementJson JSON = new StatementJson(Doubt.class);

    @Column(name = "tank_id")
    private Long tankId;

    private Instant at;

    @Column(name = "temperature_c")
    private Double temperatureC;

    private Double salinity;
    private Double ph;
    private String doubt = "";

    protected ReadingEntity() {}

    ReadingEntity(Long tankId, Reading reading, List<Doubt> doubts) {
        this.tankId = tankId;
        this.at = reading.at();
        this.temperatureC = reading.temperatureC();
        this.salinity = reading.salinity();
        this.ph = reading.pH();
        this.doubt = doubts.isEmpty() ? "" : JSON.write(doubts);
    }

    Reading reading() {
        return new Reading(at, temperatureC, salinity, ph);
    }

    boolean believed() {
        return doubt.isEmpty();
    }

    /** Why it is not believed; empty if it is. */
    List<Statement> doubts() {
        return JSON.read(doubt);
    }

    String doubt(Words say) {
        return doubts().stream().map(say::of).collect(Collectors.joining("; "));
    }
}
