package pelluna.app.tank;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import pelluna.app.rows.Row;

/** A fish, pair or group that stands in a plan, whether it lives in the tank or is wished for. */
@MappedSuperclass
public abstract class TankEntry extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String species;
    private int count;

    @Column(name = "length_cm")
    private Double lengthCm;

    @Column(name = "captive_bred")
    private boolean captiveBred;

    @Column(name = "leaves_on")
    private LocalDate leavesOn;

    @Column(name = "leaves_why")
    private String leavesWhy = "";

    protected TankEntry() {}

    public Long tankId() {
        return tankId;
    }

    protected TankEntry(Long tankId, String species) {
        this.tankId = tankId;
        this.species = species;
    }

    /** Takes the figures of an entry of a checked plan file; the species stays. */
    public void take(Map<String, Object> entry) {
        count = entry.get("count") instanceof Number n ? n.intValue() : 1;
        lengthCm = entry.get("lengthCm") instanceof Number n ? n.doubleValue() : null;
        captiveBred = Boolean.TRUE.equals(entry.get("captiveBred"));
        leavesOn = day(entry.get("leavesOn"));
        leavesWhy = entry.get("leavesWhy") == null ? "" : entry.get("leavesWhy").toString();
    }

    /** Becomes another entry altogether, with the accepted species name. */
    public final void become(String otherSpecies, Map<String, Object> entry) {
        species = otherSpecies;
        take(entry);
    }

    protected static LocalDate day(Object text) {
        return text == null ? null : LocalDate.parse(text.toString());
    }

    /** The entry of a plan file. */
    public Map<String, Object> tree() {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("species", species);
        tree.put("count", count);
        if (lengthCm != null) {
            tree.put("lengthCm", lengthCm);
        }
        if (captiveBred) {
            tree.put("captiveBred", true);
        }
        if (leavesOn != null) {
            tree.put("leavesOn", leavesOn.toString());
            if (!leavesWhy.isEmpty()) {
                tree.put("leavesWhy", leavesWhy);
            }
        }
        return tree;
    }
}
