package pelluna.app.rows;

import jakarta.persistence.Converter;
import pelluna.core.plan.ScapeFile;

@Converter
public class ScapeText extends JsonColumn<ScapeFile> {
    public ScapeText() {
        super(ScapeFile.class);
    }
}
