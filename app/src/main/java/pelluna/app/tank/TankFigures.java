package pelluna.app.tank;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import pelluna.app.rows.PlanJson;
import pelluna.app.rows.ScapeText;
import pelluna.core.plan.ScapeFile;
import pelluna.core.plan.TankFile;

/**
 * The tank object of a plan file as columns: what the keeper has said, null where nothing was said. Field names are the
 * plan file's, with waterChange and quarantine laid flat.
 */
@Embeddable
@JsonAutoDetect(fieldVisibility = JsonAutoDetect.Visibility.ANY)
public class TankFigures {
    String shape;
    Double lengthCm;
    Double widthCm;
    Double waterHeightCm;
    Double netLitres;
    Double runCm;
    Double rockKg;
    Double sandDepthCm;
    Double sumpLitres;
    Integer hides;
    String cover;
    LocalDate cycledOn;

    @Column(name = "keeper_years")
    String keeper;

    @Column(columnDefinition = "text[]")
    String[] keeps;

    Double waterChangePercent;
    Double waterChangeEveryDays;

    @Column(name = "meals_a_day")
    Integer mealsADay;

    Boolean seaweed;
    String pods;

    @Column(name = "temperature_c")
    Double temperatureC;

    Double salinity;
    Double nitrate;
    Double phosphate;
    Double nitrateCeiling;
    Integer quarantinePlaces;
    String quarantineSchool;

    @Convert(converter = ScapeText.class)
    ScapeFile scape;

    LocalDate fallowFrom;
    LocalDate fallowUntil;

    /** As the keeper has drawn it; null until then. */
    public ScapeFile scape() {
        return scape;
    }

    /** By the keys of the form, what was not said left out. */
    public FlatFigures flat() {
        return new FlatFigures(PlanJson.MAPPER.valueToTree(this));
    }

    /** The tank of a plan file. */
    public TankFile file() {
        return PlanJson.MAPPER.treeToValue(flat().nested(), TankFile.class);
    }

    public static TankFigures of(TankFile file) {
        return PlanJson.MAPPER.treeToValue(FlatFigures.of(file).values(), TankFigures.class);
    }
}
