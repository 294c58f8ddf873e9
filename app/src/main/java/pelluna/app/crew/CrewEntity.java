package pelluna.app.crew;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.Row;
import pelluna.core.crew.CrewKind;
import pelluna.core.units.Named;

/** One kind of clean-up crew in a tank. */
@Entity
@Table(name = "crew")
class CrewEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String kind;
    private String name;

    @Column(name = "size_cm")
    private Double sizeCm;

    private int wanted;
    private Double price;
    private boolean gone;

    protected CrewEntity() {}

    CrewEntity(Long tankId, CrewKind kind, String name) {
        this.tankId = tankId;
        this.kind = kind.word();
        this.name = name;
    }

    Long tankId() {
        return tankId;
    }

    CrewKind kind() {
        return Named.find(CrewKind.class, kind).orElse(CrewKind.SNAILS);
    }

    String name() {
        return name;
    }

    /** As they are, or as shops have them. */
    double sizeCm() {
        return sizeCm == null ? kind().usualCm() : sizeCm;
    }

    int wanted() {
        return wanted;
    }

    /** Each, in the keeper's own money; null if nobody has said. */
    Double price() {
        return price;
    }

    boolean gone() {
        return gone;
    }

    void keeps(int number, Double cm, Double each) {
        wanted = number;
        sizeCm = cm;
        price = each;
    }

    void goes(boolean away) {
        gone = away;
    }
}
