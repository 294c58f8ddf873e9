package pelluna.app.losses;

import jakarta.persistence.Converter;
import pelluna.app.rows.JsonColumn;

@Converter
public class CircumstancesText extends JsonColumn<Circumstances> {
    public CircumstancesText() {
        super(Circumstances.class);
    }
}
