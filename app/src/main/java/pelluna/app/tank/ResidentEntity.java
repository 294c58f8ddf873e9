package pelluna.app.tank;

import java.time.LocalDate;
import java.util.Map;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A fish, pair or group that lives in a tank. */
@Entity
@Table(name = "resident")
public class ResidentEntity extends TankEntry {
    private LocalDate since;

    protected ResidentEntity() { }

    /** From an entry of a checked plan file, with the accepted species name. */
    public ResidentEntity(Long tankId, String species, Map<String, Object> entry) {
        super(tankId, species, entry);
        since = entry.get("since") == null ? null : LocalDate.parse(entry.get("since").toString());
    }

    @Override
    public Map<String, Object> tree() {
        Map<String, Object> tree = super.tree();
        if (since != null) {
            tree.put("since", since.toString());
        }
        return tree;
    }
}
