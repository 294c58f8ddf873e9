package pelluna.app.wishes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Map;
import pelluna.app.tank.TankEntry;
import pelluna.core.plan.Risk;
import pelluna.core.units.Named;

/** A fish that somebody would love to have. */
@Entity
@Table(name = "wish")
public class WishEntity extends TankEntry {
    private int want;
    private Integer place;
    private boolean box;

    @Column(name = "comes_on")
    private LocalDate comesOn;

    private Integer together;
    private boolean alone;
    private Double price;
    private String risk = Risk.NONE.word();

    protected WishEntity() {}

    /** From an entry of a checked plan file, with the accepted species name. */
    public WishEntity(Long tankId, String species, Map<String, Object> entry) {
        super(tankId, species);
        take(entry);
    }

    @Override
    public final void take(Map<String, Object> entry) {
        super.take(entry);
        want = wanted(entry);
        place = entry.get("place") instanceof Number n ? n.intValue() : null;
        box = Boolean.TRUE.equals(entry.get("box"));
        comesOn = day(entry.get("on"));
        together = entry.get("together") instanceof Number n ? n.intValue() : null;
        alone = Boolean.TRUE.equals(entry.get("alone"));
        price = entry.get("price") instanceof Number n ? n.doubleValue() : null;
        risk = Named.find(Risk.class, String.valueOf(entry.get("risk")))
                .orElse(Risk.NONE)
                .word();
    }

    private static int wanted(Map<String, Object> entry) {
        return entry.get("want") instanceof Number n ? n.intValue() : 3;
    }

    @Override
    public Map<String, Object> tree() {
        Map<String, Object> tree = super.tree();
        tree.put("want", want);
        if (place != null) {
            tree.put("place", place);
        }
        if (box) {
            tree.put("box", true);
        }
        if (comesOn != null) {
            tree.put("on", comesOn.toString());
        }
        if (together != null) {
            tree.put("together", together);
        }
        if (alone) {
            tree.put("alone", true);
        }
        if (price != null) {
            tree.put("price", price);
        }
        if (!risk.equals(Risk.NONE.word())) {
            tree.put("risk", risk);
        }
        return tree;
    }
}
