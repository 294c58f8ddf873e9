package pelluna.app.species;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A species that a keeper holds beside one or two others, for one tank. */
@Entity
@Table(name = "side_by_side")
public class KeptBesideEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;
    @Column(name = "tank_id")
    private Long tankId;
    @Column(name = "scientific_name")
    private String scientificName;
    @Version
    private int version;

    protected KeptBesideEntity() { }

    KeptBesideEntity(Long tankId, String scientificName) {
        this.tankId = tankId;
        this.scientificName = scientificName;
    }

    String scientificName() {
        return scientificName;
    }
}
