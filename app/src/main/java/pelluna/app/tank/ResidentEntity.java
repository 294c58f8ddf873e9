package pelluna.app.tank;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.LengthFile;
import pelluna.core.plan.FishFile.RecordFile;

/** A fish, pair or group that lives in a tank. */
@Entity
@Table(name = "resident")
public class ResidentEntity extends TankEntry {
    private LocalDate since;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "measured_length", joinColumns = @JoinColumn(name = "resident_id"))
    @MapKeyColumn(name = "measured_on")
    @Column(name = "cm")
    private Map<LocalDate, Double> lengths = new TreeMap<>();

    /** A record that came with a plan file; null where the log alone knows. */
    @Column(name = "record_acts")
    private Integer recordActs;

    @Column(name = "record_hours")
    private Double recordHours;

    @Column(name = "record_expected")
    private Double recordExpected;

    protected ResidentEntity() {}

    /** From a checked plan file, with the accepted species name. */
    public ResidentEntity(Long tankId, String species, FishFile said) {
        super(tankId, species);
        take(said);
    }

    @Override
    public final void take(FishFile said) {
        super.take(said);
        since = said.since();
        RecordFile record = said.record();
        recordActs = record == null ? null : record.acts();
        recordHours = record == null ? null : record.hours();
        recordExpected = record == null ? null : record.expected();
        lengths.clear();
        if (said.lengths() != null) {
            said.lengths().forEach(m -> lengths.put(m.on(), m.cm()));
        }
    }

    public LocalDate since() {
        return since;
    }

    /** Measured lengths, oldest first. */
    public List<LengthFile> lengths() {
        return new TreeMap<>(lengths)
                .entrySet().stream()
                        .map(e -> new LengthFile(e.getKey(), e.getValue()))
                        .toList();
    }

    @Override
    protected void add(FishFile.Draft draft) {
        draft.since = since;
        draft.lengths = lengths.isEmpty() ? null : lengths();
        draft.record = recordActs == null || recordHours == null || recordExpected == null
                ? null
                : new RecordFile(recordActs, recordHours, recordExpected);
    }
}
