package pelluna.app.planfile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Utf8;
import pelluna.app.rows.PlanJson;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanException;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.PlanFound;
import pelluna.core.plan.PlanReader;
import pelluna.core.units.Statement;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plan files in and out: text or what was typed, checked by the schema, to a {@link PlanFile}, and that to a plan. */
public final class PlanFiles {
    /** A larger file is no plan of 400 entries. */
    public static final int MOST_BYTES = 1_000_000;

    /** Residents and wishes of one tank together: pairs grow with their square, and more exhaust the server. */
    public static final int MOST_FISH = 200;

    private static final Statement A_PLAN = new FileNeeds.JsonInUtf8();

    private final JsonMapper json = PlanJson.MAPPER;
    private final PlanSchema schema = new PlanSchema(json);
    private final Supplier<Catalogue> catalogue;

    /**
     * @param catalogue the species to plan with, asked anew for every plan: each keeper may see some facts otherwise
     */
    public PlanFiles(Supplier<Catalogue> catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * A plan file as text, checked by the schema.
     *
     * @throws PlanProblemsException with every field that is wrong
     */
    public PlanFile parse(String text) {
        if (text.length() > MOST_BYTES) {
            throw new PlanProblemsException(
                    List.of(new Problem("", new FileFound.TooLarge(), new FileNeeds.PlanFile())));
        }
        try {
            JsonNode node = json.readTree(Utf8.unmarked(text));
            if (node.isMissingNode()) {
                throw new PlanProblemsException(List.of(new Problem("", new PlanFound.Nothing(), A_PLAN)));
            }
            return checked(node);
        } catch (JacksonException e) {
            Statement found = e.getLocation() == null
                    ? new FileFound.NoJson()
                    : new FileFound.NoJsonAt(
                            e.getLocation().getLineNr(), e.getLocation().getColumnNr());
            throw new PlanProblemsException(List.of(new Problem("", found, A_PLAN)));
        }
    }

    /** A plan file as it was sent. @throws PlanProblemsException also where it is no UTF-8 */
    public PlanFile parse(byte[] sent) {
        try {
            return parse(Utf8.text("", sent));
        } catch (Refused e) {
            throw new PlanProblemsException(List.of(new Problem("", new FileFound.NoText(), A_PLAN)));
        }
    }

    /**
     * A plan with a part of it as somebody has typed it.
     *
     * @param part  'tank', 'wishes' or another field of the plan file
     * @param typed what the field is to hold, a map or a list of such; null takes the field out
     * @throws PlanProblemsException with every field that is wrong
     */
    public PlanFile typed(PlanFile plan, String part, Object typed) {
        ObjectNode node = json.valueToTree(plan.unnumbered());
        if (typed == null) {
            node.remove(part);
        } else {
            node.set(part, json.valueToTree(typed));
        }
        return checked(node);
    }

    /** What the schema finds wrong with a plan. */
    public List<Problem> problems(PlanFile plan) {
        return schema.problems(json.valueToTree(plan.unnumbered()));
    }

    private PlanFile checked(JsonNode node) {
        List<Problem> problems = new ArrayList<>(schema.problems(node));
        if (problems.isEmpty()) {
            unclean(node, "", problems);
        }
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
        try {
            return json.treeToValue(node, PlanFile.class);
        } catch (DatabindException e) {
            throw new PlanProblemsException(List.of(unread(node, e)));
        }
    }

    /** What the schema lets pass and is none: the thirtieth of a February. */
    private static Problem unread(JsonNode node, DatabindException e) {
        StringBuilder field = new StringBuilder();
        JsonNode found = node;
        for (JacksonException.Reference step : e.getPath()) {
            if (step.getPropertyName() == null) {
                field.append('[').append(step.getIndex()).append(']');
                found = found.path(step.getIndex());
            } else {
                field.append(field.isEmpty() ? "" : ".").append(step.getPropertyName());
                found = found.path(step.getPropertyName());
            }
        }
        return new Problem(field.toString(), new PlanFound.Quoted(found.asString()), new FileNeeds.Day());
    }

    /** @throws PlanProblemsException if a tank has more entries than the server assesses at once */
    public static void notTooMany(PlanFile plan) {
        if (plan.fish() > MOST_FISH) {
            throw new PlanProblemsException(List.of(new Problem(
                    "wishes", new FileFound.TooManyTogether(plan.fish()), new FileNeeds.AtMost(MOST_FISH))));
        }
    }

    private static void unclean(JsonNode node, String field, List<Problem> problems) {
        if (node.isString() && !Utf8.clean(node.asString())) {
            problems.add(new Problem(field, new FileFound.SignsNoText(), new FileNeeds.Text()));
        }
        node.properties()
                .forEach(e -> unclean(e.getValue(), field.isEmpty() ? e.getKey() : field + "." + e.getKey(), problems));
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            unclean(node.get(i), field + "[" + i + "]", problems);
        }
    }

    /**
     * A whole plan.
     *
     * @throws PlanProblemsException if names or dates are wrong, or figures that can't be true together
     */
    public Plan plan(PlanFile file, LocalDate today) {
        notTooFarAhead(file, today);
        try {
            return new PlanReader(catalogue.get()).read(file, today);
        } catch (PlanException e) {
            throw new PlanProblemsException(List.of(new Problem(e.field(), e.found(), e.expected())));
        }
    }

    /** What is planned lies within the years that anybody plans for. */
    private static void notTooFarAhead(PlanFile file, LocalDate today) {
        List<Problem> problems = new ArrayList<>();
        LocalDate last = today.plusYears(Days.YEARS_AHEAD);
        ahead(file.startOn(), "startOn", last, problems);
        ahead(file.residents(), "residents", last, problems);
        ahead(file.wishes(), "wishes", last, problems);
        if (!problems.isEmpty()) {
            throw new PlanProblemsException(problems);
        }
    }

    private static void ahead(List<FishFile> fish, String list, LocalDate last, List<Problem> problems) {
        for (int i = 0; i < fish.size(); i++) {
            String at = list + "[" + i + "].";
            ahead(fish.get(i).on(), at + "on", last, problems);
            ahead(fish.get(i).leavesOn(), at + "leavesOn", last, problems);
        }
    }

    private static void ahead(LocalDate day, String field, LocalDate last, List<Problem> problems) {
        if (day != null && day.isAfter(last)) {
            problems.add(new Problem(
                    field, new PlanFound.Quoted(day.toString()), new FileNeeds.DayWithin(Days.YEARS_AHEAD)));
        }
    }

    /** Least and most of a tank figure, as the schema has them. */
    public Optional<double[]> range(String tankField) {
        return schema.range(tankField);
    }

    /** Text for a reader: a plan file, an assessment. */
    public String write(Object tree) {
        return json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(tree);
    }
}
