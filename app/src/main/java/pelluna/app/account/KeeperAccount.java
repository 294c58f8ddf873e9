package pelluna.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

import pelluna.core.units.Measures;
import pelluna.core.units.UnitSystem;

/** Somebody who keeps fish, with the units and the light they read by. Owns tanks. */
@Entity
@Table(name = "keeper")
public class KeeperAccount {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;
    private String name;
    @Enumerated(EnumType.STRING)
    private UnitSystem units = UnitSystem.METRIC;
    private String theme = "system";
    @Version
    private int version;

    protected KeeperAccount() { }

    public KeeperAccount(String name) {
        this.name = name;
    }

    public Long id() {
        return id;
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
}
