package pelluna.app.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;

import pelluna.app.rows.Row;
import pelluna.core.units.Measures;
import pelluna.core.units.UnitSystem;

/** Somebody who keeps fish, with the units and the light they read by. Owns tanks. */
@Entity
@Table(name = "keeper")
public class KeeperAccount extends Row {
    private String name;
    @Enumerated(EnumType.STRING)
    private UnitSystem units = UnitSystem.METRIC;
    private String theme = "system";
    @Column(name = "arrows_from")
    private int arrowsFrom = 20;

    protected KeeperAccount() { }

    public KeeperAccount(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    public Measures measures() {
        return new Measures(units);
    }

    public String theme() {
        return theme;
    }

    public void reads(UnitSystem other) {
        units = other;
    }

    public void lights(String other) {
        theme = other;
    }

    /** The index from which tension is drawn as an arrow, 0 to 100. */
    public int arrowsFrom() {
        return arrowsFrom;
    }

    public void draws(int index) {
        arrowsFrom = Math.max(0, Math.min(100, index));
    }
}
