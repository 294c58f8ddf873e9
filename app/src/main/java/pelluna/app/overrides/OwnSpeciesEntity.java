package pelluna.app.overrides;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.Row;
import pelluna.core.catalogue.FactOverrides;

/**
 * A species that a keeper has and Pelluna does not know; it starts as another does, and the keeper's facts go over
 * that.
 */
@Entity
@Table(name = "own_species")
public class OwnSpeciesEntity extends Row {
    @Column(name = "keeper_id")
    private Long keeperId;

    @Column(name = "scientific_name")
    private String scientificName;

    private String family;

    @Column(name = "like_species")
    private String like;

    protected OwnSpeciesEntity() {}

    OwnSpeciesEntity(Long keeperId, String scientificName, String family, String like) {
        this.keeperId = keeperId;
        this.scientificName = scientificName;
        this.family = family;
        this.like = like;
    }

    public String scientificName() {
        return scientificName;
    }

    public String like() {
        return like;
    }

    FactOverrides.OwnSpecies word() {
        return new FactOverrides.OwnSpecies(scientificName, family, like);
    }
}
