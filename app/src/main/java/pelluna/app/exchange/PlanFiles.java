package pelluna.app.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Utf8;
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

    /** Residents and wishes of one tank together: pairs grow with their square, and more exhaust the server. */
    public static final int MOST_FISH = 200;

    private static final String A_PLAN = "a plan file in JSON, UTF-8";

    private final JsonMapper json = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();
    private final PlanSchema schema = new PlanSchema(json);
    private final Supplier<Catalogue> catalogue;

    /**
     * @param catalogue the species to plan with, asked anew for every plan: each keeper may see some facts otherwise
     */
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
        try {
            JsonNode node = json.readTree(Utf8.unmarked(text));
            if (node.isMissingNode()) {
                throw new PlanProblemsException(List.of(new Problem("", "nothing", A_PLAN)));
            }
            return checked(node);
        } catch (JacksonException e) {
            String where = e.getLocation() == null
                    ? ""
                    : ", in line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            throw new PlanProblemsException(List.of(new Problem("", "no JSON" + where, A_PLAN)));
        }
    }

    /** The checked tree of a plan file as it was sent. @throws PlanProblemsException also where it is no UTF-8 */
    public Map<String, Object> parse(byte[] sent) {
        try {
            return parse(Utf8.text("", sent));
        } catch (Refused e) {
            throw new PlanProblemsException(List.of(new Problem("", "what is no text", A_PLAN)));
        }
    }

    /** Checks a tree against the schema. */
    public List<Problem> problems(Map<String, Object> tree) {
        return schema.problems(json.valueToTree(tree));
    }

    private Map<String, Object> checked(JsonNode node) {
        List<Problem> problems = new ArrayList<>(schema.problems(node));
        if (problems.isEmpty()) {
            unclean(node, "", problems);
        }
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
        return json.convertValue(node, new TypeReference<Map<String, Object>>() {});
    }

    /** @throws PlanProblemsException if a tank has more entries than the server assesses at once */
    public static void notTooMany(Map<String, Object> tree) {
        int fish = size(tree, "residents") + size(tree, "wishes");
        if (fish > MOST_FISH) {
            throw new PlanProblemsException(List.of(new Problem(
                    "wishes",
                    fish + " residents and wishes together",
                    "no more than " + MOST_FISH + " in one tank; the command line takes more")));
        }
    }

    private static int size(Map<String, Object> tree, String list) {
        return tree.get(list) instanceof List<?> entries ? entries.size() : 0;
    }

    private static void unclean(JsonNode node, String field, List<Problem> problems) {
        if (node.isString() && !Utf8.clean(node.asString())) {
            problems.add(new Problem(field, "signs that are no text", "text"));
        }
        node.properties()
                .forEach(e -> unclean(e.getValue(), field.isEmpty() ? e.getKey() : field + "." + e.getKey(), problems));
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            unclean(node.get(i), field + "[" + i + "]", problems);
        }
    }

    /**
     * A whole plan from a checked tree.
     *
     * @throws PlanProblemsException if names or dates are wrong, or figures that can't be true together
     */
    public Plan plan(Map<String, Object> tree, LocalDate today) {
        notTooFarAhead(tree, today);
        try {
            return new PlanReader(catalogue.get()).read(tree, today);
        } catch (PlanException e) {
            throw new PlanProblemsException(List.of(new Problem(e.field(), e.found(), e.expected())));
        }
    }

    /** What is planned lies within the years that anybody plans for. */
    private static void notTooFarAhead(Map<String, Object> tree, LocalDate today) {
        List<Problem> problems = new ArrayList<>();
        LocalDate last = today.plusYears(Days.YEARS_AHEAD);
        ahead(tree, "startOn", "", last, problems);
        for (String list : List.of("residents", "wishes")) {
            int i = 0;
            for (Object entry : tree.get(list) instanceof List<?> all ? all : List.of()) {
                ahead(entry, "on", list + "[" + i + "].", last, problems);
                ahead(entry, "leavesOn", list + "[" + i + "].", last, problems);
                i++;
            }
        }
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
    }

    private static void ahead(Object entry, String key, String path, LocalDate last, List<Problem> problems) {
        if (entry instanceof Map<?, ?> map
                && map.get(key) instanceof String day
                && day.compareTo(last.toString()) > 0) {
            problems.add(
                    new Problem(path + key, "'" + day + "'", "a day within the next " + Days.YEARS_AHEAD + " years"));
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
