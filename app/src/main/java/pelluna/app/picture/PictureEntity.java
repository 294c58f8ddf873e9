package pelluna.app.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.Row;

/** A picture by itself, so that whoever lists what it shows does not read its bytes. */
@Entity
@Table(name = "picture")
class PictureEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private byte[] bytes;
    private String type;

    protected PictureEntity() {}

    PictureEntity(Long tankId, PictureFile file) {
        this.tankId = tankId;
        this.bytes = file.bytes();
        this.type = file.type();
    }

    PictureFile file() {
        return new PictureFile(bytes, type);
    }
}
