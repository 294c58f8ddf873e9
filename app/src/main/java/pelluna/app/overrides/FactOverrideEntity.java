package pelluna.app.overrides;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.Row;
import pelluna.core.catalogue.FactOverrides;

/** One fact that a keeper sees otherwise than Pelluna, with why; kept beside Pelluna's fact, for this keeper alone. */
@Entity
@Table(name = "own_fact")
public class FactOverrideEntity extends Row {
    @Column(name = "keeper_id")
    private Long keeperId;

    @Column(name = "scientific_name")
    private String scientificName;

    private String fact;
    private String value;
    private String why;

    protected FactOverrideEntity() {}

    FactOverrideEntity(Long keeperId, String scientificName, String fact, String value, String why) {
        this.keeperId = keeperId;
        this.scientificName = scientificName;
        this.fact = fact;
        say(value, why);
    }

    final void say(String newValue, String newWhy) {
        value = newValue;
        why = newWhy;
    }

    public String scientificName() {
        return scientificName;
    }

    public String fact() {
        return fact;
    }

    public String value() {
        return value;
    }

    public String why() {
        return why;
    }

    FactOverrides.FactOverride word() {
        return new FactOverrides.FactOverride(scientificName, fact, value);
    }
}
