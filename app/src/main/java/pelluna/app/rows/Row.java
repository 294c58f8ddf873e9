package pelluna.app.rows;

import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;

/** What every row has: a number of its own, and a version, so that two windows cannot overwrite each other unseen. */
@MappedSuperclass
public abstract class Row {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    public Long id() {
        return id;
    }
}
