package pelluna.app.tank;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import pelluna.app.rows.PlanJson;
import pelluna.app.rows.ScapeText;
import pelluna.core.plan.ScapeFile;
import pelluna.core.plan.TankFile;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The tank object of a plan file as columns: what the keeper has said, null where nothing was said. Field names are the
 * plan file's, with waterChange and quarantine laid flat.
 */
@Embeddable
@JsonAutoDetect(fieldVisibility = JsonAutoDetect.Visibility.ANY)
public class TankFigures {
    private static final JsonMapper JSON = PlanJson.MAPPER;
    private static final Map<String, String> NESTED = Map.of(
            "waterChangePercent",
            "waterChange.percent",
            "waterChangeEveryDays",
            "waterChange.everyDays",
            "quarantinePlaces",
            "quarantine.places",
            "quarantineSchool",
            "quarantine.school",
            "fallowFrom",
            "fallow.from",
            "fallowUntil",
            "fallow.until");

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

    /** Flat names to values, nulls left out. */
    public Map<String, Object> flat() {
        return JSON.convertValue(this, new TypeReference<LinkedHashMap<String, Object>>() {});
    }

    static TankFigures ofFlat(Map<String, Object> flat) {
        return JSON.convertValue(flat, TankFigures.class);
    }

    /** The tank of a plan file. */
    public TankFile file() {
        return JSON.convertValue(nested(flat()), TankFile.class);
    }

    public static Map<String, Object> nested(Map<String, Object> flat) {
        Map<String, Object> tree = new LinkedHashMap<>();
        flat.forEach((key, value) -> {
            String[] path = NESTED.getOrDefault(key, key).split("\\.");
            if (path.length == 1) {
                tree.put(key, value);
            } else {
                @SuppressWarnings("unchecked")
                Map<String, Object> inner =
                        (Map<String, Object>) tree.computeIfAbsent(path[0], k -> new LinkedHashMap<String, Object>());
                inner.put(path[1], value);
            }
        });
        return tree;
    }

    public static TankFigures of(TankFile file) {
        Map<String, Object> tree = JSON.convertValue(file, new TypeReference<LinkedHashMap<String, Object>>() {});
        Map<String, Object> flat = new LinkedHashMap<>(tree);
        flat.keySet().removeAll(Set.of("waterChange", "quarantine", "fallow"));
        NESTED.forEach((key, path) -> {
            String[] parts = path.split("\\.");
            if (tree.get(parts[0]) instanceof Map<?, ?> inner && inner.get(parts[1]) != null) {
                flat.put(key, inner.get(parts[1]));
            }
        });
        return ofFlat(flat);
    }

    /** 'tank.waterChange.percent' to 'waterChangePercent', so that a problem finds its form field. */
    public static String fieldOf(String problemPath) {
        String path = problemPath.replaceFirst("^tank\\.?", "").replaceFirst("\\[\\d+]$", "");
        return NESTED.entrySet().stream()
                .filter(e -> e.getValue().equals(path))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(path);
    }
}
