package pelluna.app.planning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.Row;

/** One change to a plan that can be taken back: the plan before and after, as text. */
@Entity
@Table(name = "plan_step")
class PlanStepEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String said;

    @Column(name = "plan_before")
    private String before;

    @Column(name = "plan_after")
    private String after;

    protected PlanStepEntity() {}

    PlanStepEntity(Long tankId, String said, String before, String after) {
        this.tankId = tankId;
        this.said = said;
        this.before = before;
        this.after = after;
    }

    String said() {
        return said;
    }

    String before() {
        return before;
    }

    String after() {
        return after;
    }
}
