package pelluna.app.tank;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.rows.PlanJson;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.TankFile;

/** The tank object of the plan file, its columns and its form are one and the same. */
public class TankFiguresTest {
    private static final PlanFiles FILES = new PlanFiles(Catalogue::shipped);

    public static TankFile whole() {
        return FILES.typed(PlanFile.of("all", null), "tank", everything()).tank();
    }

    private static Map<String, Object> everything() {
        Map<String, Object> tank = new LinkedHashMap<>();
        tank.put("shape", "box");
        tank.put("lengthCm", 150.0);
        tank.put("widthCm", 60.0);
        tank.put("waterHeightCm", 55.0);
        tank.put("netLitres", 428.0);
        tank.put("runCm", 140.0);
        tank.put("rockKg", 60.5);
        tank.put("sandDepthCm", 5.0);
        tank.put("sumpLitres", 80.0);
        tank.put("hides", 6);
        tank.put("cover", "mesh");
        tank.put("cycledOn", "2026-01-10");
        tank.put("keeper", "settled");
        tank.put("keeps", List.of("shrimp", "soft-corals"));
        tank.put("mealsADay", 2);
        tank.put("seaweed", true);
        tank.put("pods", "some");
        tank.put("temperatureC", 25.5);
        tank.put("salinity", 35.0);
        tank.put("nitrate", 8.0);
        tank.put("phosphate", 0.05);
        tank.put("nitrateCeiling", 15.0);
        tank.put("waterChange", new LinkedHashMap<>(Map.of("percent", 10.0, "everyDays", 7.0)));
        tank.put("quarantine", new LinkedHashMap<>(Map.of("places", 2, "school", "thirty-days-watch")));
        return tank;
    }

    @Test
    void everyFigureGoesIntoTheColumnsAndComesBack() {
        assertThat(TankFigures.of(whole()).file()).isEqualTo(whole());
        assertThat(TankFigures.of(whole()).flat().nested()).isEqualTo(PlanJson.MAPPER.valueToTree(everything()));
    }

    @Test
    void aFigureOfTheFormIsSetReadAndTakenOut() {
        FlatFigures one = FlatFigures.none().with("lengthCm", 90).with("keeps", List.of("shrimp"));
        assertThat(one.get("lengthCm")).isEqualTo(90);
        assertThat(one.number("lengthCm")).isEqualTo(90);
        assertThat(one.number("keeps")).isZero();
        assertThat(one.get("keeps")).isEqualTo(List.of("shrimp"));
        assertThat(one.with("lengthCm", null).keys()).containsExactly("keeps");
        assertThat(one.get("widthCm")).isNull();
    }

    @Test
    void theWholeTankKeepsThePublishedSchema() {
        assertThat(FILES.problems(PlanFile.of("all", whole()))).isEmpty();
    }

    @Test
    void problemsFindTheirField() {
        assertThat(FlatFigures.fieldOf("tank.waterChange.percent")).isEqualTo("waterChangePercent");
        assertThat(FlatFigures.fieldOf("tank.lengthCm")).isEqualTo("lengthCm");
        assertThat(FlatFigures.fieldOf("tank.keeps[2]")).isEqualTo("keeps");
    }
}
