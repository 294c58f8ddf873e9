package pelluna.app.wishes;

import java.util.LinkedHashMap;
import java.util.Map;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A fish that somebody would love to have. */
@Entity
@Table(name = "wish")
public class WishEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;
    @Column(name = "tank_id")
    private Long tankId;
    private String species;
    private int count;
    @Column(name = "length_cm")
    private Double lengthCm;
    private int want;
    @Column(name = "captive_bred")
    private boolean captiveBred;
    @Version
    private int version;

    protected WishEntity() { }

    /** From an entry of a checked plan file, with the accepted species name. */
    public WishEntity(Long tankId, String species, Map<String, Object> entry) {
        this.tankId = tankId;
        this.species = species;
        change(entry);
    }

    final void change(Map<String, Object> entry) {
        count = entry.get("count") instanceof Number n ? n.intValue() : 1;
        lengthCm = entry.get("lengthCm") instanceof Number n ? n.doubleValue() : null;
        want = entry.get("want") instanceof Number n ? n.intValue() : 3;
        captiveBred = Boolean.TRUE.equals(entry.get("captiveBred"));
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
        tree.put("want", want);
        if (captiveBred) {
            tree.put("captiveBred", true);
        }
        return tree;
    }
}
