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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

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

    /** From an entry of a checked plan file, with the accepted species name. */
    public ResidentEntity(Long tankId, String species, Map<String, Object> entry) {
        super(tankId, species);
        take(entry);
    }

    @Override
    public final void take(Map<String, Object> entry) {
        super.take(entry);
        since = day(entry.get("since"));
        Map<?, ?> record = entry.get("record") instanceof Map<?, ?> given ? given : Map.of();
        recordActs = record.get("acts") instanceof Number n ? n.intValue() : null;
        recordHours = record.get("hours") instanceof Number n ? n.doubleValue() : null;
        recordExpected = record.get("expected") instanceof Number n ? n.doubleValue() : null;
        lengths.clear();
        if (entry.get("lengths") instanceof List<?> list) {
            for (Object item : list) {
                Map<?, ?> measured = (Map<?, ?>) item;
                lengths.put(
                        LocalDate.parse(measured.get("on").toString()), ((Number) measured.get("cm")).doubleValue());
            }
        }
    }

    @Override
    public Map<String, Object> tree() {
        Map<String, Object> tree = super.tree();
        if (since != null) {
            tree.put("since", since.toString());
        }
        if (!lengths.isEmpty()) {
            tree.put(
                    "lengths",
                    new TreeMap<>(lengths)
                            .entrySet().stream()
                                    .map(e -> {
                                        Map<String, Object> measured = new LinkedHashMap<>();
                                        measured.put("on", e.getKey().toString());
                                        measured.put("cm", e.getValue());
                                        return measured;
                                    })
                                    .toList());
        }
        if (recordActs != null && recordHours != null && recordExpected != null) {
            tree.put("record", record(recordActs, recordHours, recordExpected));
        }
        return tree;
    }

    /** The entry of a plan file for what it was seen to do. */
    public static Map<String, Object> record(int acts, double hours, double expected) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("acts", acts);
        tree.put("hours", hours);
        tree.put("expected", expected);
        return tree;
    }
}
