package pelluna.app.tank;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import pelluna.app.rows.PlanJson;
import pelluna.core.plan.ScapeFile;
import pelluna.core.plan.TankFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Figures of a tank by the keys of its form: those of the plan file, with waterChange, quarantine and fallow laid flat.
 * What was typed stands here before it is held against the schema, so a value may be anything. Immutable.
 */
public final class FlatFigures {
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
    private static final Set<String> PARTS = Set.of("waterChange", "quarantine", "fallow");

    private final ObjectNode values;

    FlatFigures(ObjectNode values) {
        this.values = values;
    }

    public static FlatFigures none() {
        return new FlatFigures(JsonNodeFactory.instance.objectNode());
    }

    /** The tank object of a plan file, laid flat. */
    static FlatFigures of(TankFile file) {
        ObjectNode tree = PlanJson.MAPPER.valueToTree(file);
        ObjectNode flat = tree.deepCopy();
        flat.remove(PARTS);
        NESTED.forEach((key, path) -> {
            JsonNode inner = tree.at("/" + path.replace('.', '/'));
            if (!inner.isMissingNode() && !inner.isNull()) {
                flat.set(key, inner);
            }
        });
        return new FlatFigures(flat);
    }

    ObjectNode values() {
        return values;
    }

    public Set<String> keys() {
        return new TreeSet<>(values.propertyNames());
    }

    /** A number, text, true or false, or a list of texts; null for what was not said. */
    public Object get(String key) {
        return PlanJson.MAPPER.treeToValue(values.get(key), Object.class);
    }

    /** 0 for what is no number. */
    public double number(String key) {
        return values.path(key).isNumber() ? values.get(key).asDouble() : 0;
    }

    /** @param value null takes the figure out */
    public FlatFigures with(String key, Object value) {
        ObjectNode other = values.deepCopy();
        if (value == null) {
            other.remove(key);
        } else {
            other.set(key, PlanJson.MAPPER.valueToTree(value));
        }
        return new FlatFigures(other);
    }

    public FlatFigures drawn(ScapeFile scape) {
        return with("scape", scape);
    }

    /** The tank object of a plan file that they make, whether it would hold or not. */
    public ObjectNode nested() {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        values.properties().forEach(figure -> {
            List<String> path = List.of(
                    NESTED.getOrDefault(figure.getKey(), figure.getKey()).split("\\."));
            ObjectNode in = path.size() == 1 ? tree : tree.withObjectProperty(path.get(0));
            in.set(path.get(path.size() - 1), figure.getValue());
        });
        return tree;
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
