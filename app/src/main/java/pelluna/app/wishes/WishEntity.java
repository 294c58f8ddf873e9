package pelluna.app.wishes;

import java.util.Map;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.tank.TankEntry;

/** A fish that somebody would love to have. */
@Entity
@Table(name = "wish")
public class WishEntity extends TankEntry {
    private int want;

    protected WishEntity() { }

    /** From an entry of a checked plan file, with the accepted species name. */
    public WishEntity(Long tankId, String species, Map<String, Object> entry) {
        super(tankId, species, entry);
        want = wanted(entry);
    }

    final void change(Map<String, Object> entry) {
        take(entry);
        want = wanted(entry);
    }

    private static int wanted(Map<String, Object> entry) {
        return entry.get("want") instanceof Number n ? n.intValue() : 3;
    }

    @Override
    public Map<String, Object> tree() {
        Map<String, Object> tree = super.tree();
        tree.put("want", want);
        return tree;
    }
}
