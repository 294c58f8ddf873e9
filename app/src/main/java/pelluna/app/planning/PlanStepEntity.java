package pelluna.app.planning;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import pelluna.app.rows.PlanText;
import pelluna.app.rows.Row;
import pelluna.core.plan.PlanFile;

/** One change to a plan that can be taken back: the plan before and after. */
@Entity
@Table(name = "plan_step")
class PlanStepEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    private String said;

    @Column(name = "plan_before")
    @Convert(converter = PlanText.class)
    private PlanFile before;

    @Column(name = "plan_after")
    @Convert(converter = PlanText.class)
    private PlanFile after;

    protected PlanStepEntity() {}

    PlanStepEntity(Long tankId, String said, PlanFile before, PlanFile after) {
        this.tankId = tankId;
        this.said = said;
        this.before = before;
        this.after = after;
    }

    /** What was done, as {@link PlanChange} in JSON; of earlier releases in their words. */
    String said() {
        return said;
    }

    PlanFile before() {
        return before;
    }

    PlanFile after() {
        return after;
    }
}
