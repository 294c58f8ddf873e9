package pelluna.app.prediction;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import pelluna.app.exchange.AssessmentFile;
import pelluna.app.rows.JsonText;
import pelluna.app.rows.PlanJson;
import pelluna.app.rows.PlanText;
import pelluna.app.rows.Row;
import pelluna.core.plan.PlanFile;
import tools.jackson.databind.JsonNode;

/** What a plan said on the day of an arrival, as it was; never computed again. */
@Entity
@Table(name = "kept_word")
class PredictionEntity extends Row {
    @Column(name = "tank_id")
    private Long tankId;

    @Column(name = "fish_id")
    private Long fishId;

    @Column(name = "on_day")
    private LocalDate onDay;

    private String stance;

    @Convert(converter = PlanText.class)
    private PlanFile plan;

    @Convert(converter = JsonText.class)
    private JsonNode assessment;

    protected PredictionEntity() {}

    PredictionEntity(
            Long tankId, Long fishId, LocalDate onDay, String stance, PlanFile plan, AssessmentFile assessment) {
        this.tankId = tankId;
        this.fishId = fishId;
        this.onDay = onDay;
        this.stance = stance;
        this.plan = plan;
        this.assessment = PlanJson.MAPPER.valueToTree(assessment);
    }

    Long tankId() {
        return tankId;
    }

    Long fishId() {
        return fishId;
    }

    LocalDate onDay() {
        return onDay;
    }

    String stance() {
        return stance;
    }

    /** The plan file of that day. */
    PlanFile plan() {
        return plan;
    }

    /** Its assessment in the open format. */
    JsonNode assessment() {
        return assessment;
    }
}
