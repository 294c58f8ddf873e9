package pelluna.app.planfile;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import pelluna.core.plan.PlanFound;
import pelluna.core.units.Statement;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The published JSON Schema of the plan file, and its answers in plain words. One place for types and ranges: files,
 * forms and API.
 */
public final class PlanSchema {
    private static final int SHOWN = 60;

    private final JsonNode root;
    private final Schema schema;

    public PlanSchema(JsonMapper json) {
        try (InputStream in = PlanSchema.class.getResourceAsStream("/plan.schema.json")) {
            root = json.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(root);
    }

    /** Everything that is wrong, one problem a field; empty if the file keeps the schema. */
    public List<Problem> problems(JsonNode plan) {
        Map<String, Problem> byField = new LinkedHashMap<>();
        for (Error error : schema.validate(plan)) {
            Problem problem = problem(error, plan);
            byField.putIfAbsent(problem.field(), problem);
        }
        return new ArrayList<>(byField.values());
    }

    /** Least and most of a tank figure; empty if it has no range. */
    Optional<double[]> range(String tankField) {
        JsonNode node = root.at("/$defs/tank/properties/" + tankField);
        return node.has("minimum") && node.has("maximum")
                ? Optional.of(new double[] {
                    node.get("minimum").asDouble(), node.get("maximum").asDouble()
                })
                : Optional.empty();
    }

    private Problem problem(Error error, JsonNode plan) {
        String pointer = error.getInstanceLocation().toString();
        String field = dotted(pointer);
        JsonNode found = error.getInstanceNode();
        return switch (error.getKeyword()) {
            case "required" ->
                error.getSchemaLocation().toString().contains("anyOf")
                        ? new Problem(field, new FileFound.NoSize(), new FileNeeds.Size())
                        : new Problem(child(field, error.getProperty()), new PlanFound.Nothing(), missing(error));
            case "additionalProperties", "unevaluatedProperties" ->
                new Problem(
                        child(field, error.getProperty()), new FileFound.UnknownField(), new FileNeeds.KnownFields());
            case "anyOf" -> new Problem(field, new FileFound.NoSize(), new FileNeeds.Size());
            default -> new Problem(field, shown(found), needs(parent(location(error))));
        };
    }

    private Statement missing(Error error) {
        return needs(parent(location(error)) + "/properties/" + error.getProperty());
    }

    private Statement needs(String pointer) {
        JsonNode node = root.at(pointer);
        String at = node.has("$ref") ? node.get("$ref").asString().substring(1) : pointer;
        return root.at(at).has("description") ? new FileNeeds.FieldNeeds(named(at)) : new FileNeeds.ThisField();
    }

    /** '/$defs/tank/properties/waterChange/properties/percent' to 'tank_waterChange_percent'. */
    static String named(String pointer) {
        return Arrays.stream(pointer.split("/"))
                .filter(step -> !step.isEmpty() && !step.equals("properties") && !step.equals("$defs"))
                .collect(Collectors.joining("_"));
    }

    private static String location(Error error) {
        String location = error.getSchemaLocation().toString();
        return location.substring(location.indexOf('#') + 1);
    }

    private static String parent(String pointer) {
        return pointer.substring(0, Math.max(0, pointer.lastIndexOf('/')));
    }

    private static String child(String field, String key) {
        return field.isEmpty() ? key : field + "." + key;
    }

    /** '/wishes/0/count' to 'wishes[0].count'. */
    private static String dotted(String pointer) {
        return pointer.replaceAll("/(\\d+)", "[$1]").replaceFirst("^/", "").replace('/', '.');
    }

    private static Statement shown(JsonNode found) {
        if (found == null || found.isMissingNode()) {
            return new PlanFound.Nothing();
        }
        String text = found.isString() ? "'" + found.asString() + "'" : found.toString();
        return new PlanFound.Text(text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text);
    }
}
