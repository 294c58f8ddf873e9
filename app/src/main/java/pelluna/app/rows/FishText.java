package pelluna.app.rows;

import jakarta.persistence.Converter;
import pelluna.core.plan.FishFile;

@Converter
public class FishText extends JsonColumn<FishFile> {
    public FishText() {
        super(FishFile.class);
    }
}
