package pelluna.app.exchange;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanException;
import pelluna.core.plan.PlanReader;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Plan files in and out: text to tree, tree checked by the schema, tree to plan. */
public final class PlanFiles {
    /** A larger file is no plan of 400 entries. */
    public static final int MOST_BYTES = 1_000_000;

    private final JsonMapper json = JsonMapper.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .enable(SerializationFeature.INDENT_OUTPUT).build();
    private final PlanSchema schema = new PlanSchema(json);
    private final Supplier<Catalogue> catalogue;

    /** @param catalogue the species to plan with, asked anew for every plan: each keeper may see some facts otherwise */
    public PlanFiles(Supplier<Catalogue> catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * The checked tree of a plan file.
     *
     * @throws PlanProblemsException with every field that is wrong
     */
    public Map<String, Object> parse(String text) {
        if (text.length() > MOST_BYTES) {
            throw new PlanProblemsException(List.of(new Problem("", "a file of more than a megabyte", "a plan file")));
        }
        JsonNode node;
        try {
            node = json.readTree(text);
        } catch (JacksonException e) {
            throw new PlanProblemsException(List.of(new Problem("", "no JSON, in line " + e.getLocation().getLineNr() + ", column "
                + e.getLocation().getColumnNr() + ": " + e.getOriginalMessage(), "a plan file in JSON, UTF-8")));
        }
        if (node.isMissingNode()) {
            throw new PlanProblemsException(List.of(new Problem("", "nothing", "a plan file in JSON, UTF-8")));
        }
        return checked(node);
    }

    /** Checks a tree against the schema. */
    public List<Problem> problems(Map<String, Object> tree) {
        return schema.problems(json.valueToTree(tree));
    }

    private Map<String, Object> checked(JsonNode node) {
        List<Problem> problems = schema.problems(node);
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
        return json.convertValue(node, new TypeReference<Map<String, Object>>() { });
    }

    /**
     * A whole plan from a checked tree.
     *
     * @throws PlanProblemsException if names or dates are wrong, or figures that can't be true together
     */
    public Plan plan(Map<String, Object> tree, LocalDate today) {
        try {
            return new PlanReader(catalogue.get()).read(tree, today);
        } catch (PlanException e) {
            throw new PlanProblemsException(List.of(new Problem(e.field(), e.found(), e.expected())));
        }
    }

    /** Least and most of a tank figure, as the schema has them. */
    public java.util.Optional<double[]> range(String tankField) {
        return schema.range(tankField);
    }

    public String write(Object tree) {
        return json.writeValueAsString(tree);
    }
}
