package pelluna.app.rows;

import jakarta.persistence.Converter;
import pelluna.core.plan.PlanFile;

@Converter
public class PlanText extends JsonColumn<PlanFile> {
    public PlanText() {
        super(PlanFile.class);
    }
}
