package pelluna.app.tank;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A fish, pair or group that lives in a tank. */
@Entity
@Table(name = "resident")
public class ResidentEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;
    @Column(name = "tank_id")
    private Long tankId;
    private String species;
    private int count;
    @Column(name = "length_cm")
    private Double lengthCm;
    private LocalDate since;
    @Column(name = "captive_bred")
    private boolean captiveBred;
    @Version
    private int version;

    protected ResidentEntity() { }

    /** From an entry of a checked plan file, with the accepted species name. */
    public ResidentEntity(Long tankId, String species, Map<String, Object> entry) {
        this.tankId = tankId;
        this.species = species;
        this.count = entry.get("count") instanceof Number n ? n.intValue() : 1;
        this.lengthCm = entry.get("lengthCm") instanceof Number n ? n.doubleValue() : null;
        this.since = entry.get("since") == null ? null : LocalDate.parse(entry.get("since").toString());
        this.captiveBred = Boolean.TRUE.equals(entry.get("captiveBred"));
    }

    public Long id() {
        return id;
    }

    /** The entry of a plan file. */
    public Map<String, Object> tree() {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("species", species);
        tree.put("count", count);
        if (lengthCm != null) {
            tree.put("lengthCm", lengthCm);
        }
        if (since != null) {
            tree.put("since", since.toString());
        }
        if (captiveBred) {
            tree.put("captiveBred", true);
        }
        return tree;
    }
}
