package pelluna.app.datapackage;

import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import pelluna.app.limits.Refused;
import pelluna.app.rows.PlanJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans that are kept within rows, in which every fish has the number of its own row. */
final class PlansInside {
    private static final String ROW = "row";
    private static final Map<String, Set<String>> WHERE = Map.of(
            "plan_step", Set.of("plan_before", "plan_after"),
            "tank", Set.of("sandbox_base"),
            "kept_word", Set.of("plan"),
            "departure", Set.of("was"));

    private PlansInside() {}

    static boolean has(String table, String column) {
        return WHERE.getOrDefault(table, Set.of()).contains(column);
    }

    /** The same with the new numbers. A fish that is gone from the tank by now keeps none. */
    static String numbered(String text, Table table, CSVRecord row, PackageReader.Numbers numbers) {
        try {
            JsonNode plan = PlanJson.MAPPER.readTree(text);
            renumber(plan, numbers);
            return PlanJson.MAPPER.writeValueAsString(plan);
        } catch (JacksonException e) {
            throw new Refused("file", new PackageRefusal.BadRow(table.name(), (int) row.getRecordNumber()), e);
        }
    }

    private static void renumber(JsonNode node, PackageReader.Numbers numbers) {
        if (node instanceof ObjectNode fish && fish.path(ROW).isIntegralNumber()) {
            numbers.find("livestock", fish.get(ROW).asLong())
                    .ifPresentOrElse(fresh -> fish.put(ROW, fresh), () -> fish.remove(ROW));
        }
        node.forEach(child -> renumber(child, numbers));
    }
}
