package pelluna.app.species;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.Row;

/** A species that a keeper holds beside one or two others, for one tank. */
@Entity
@Table(name = "side_by_side")
public class KeptBesideEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "scientific_name")
    private String scientificName;

    protected KeptBesideEntity() {}

    KeptBesideEntity(Long tankId, String scientificName) {
        this.tankId = tankId;
        this.scientificName = scientificName;
    }

    String scientificName() {
        return scientificName;
    }
}
