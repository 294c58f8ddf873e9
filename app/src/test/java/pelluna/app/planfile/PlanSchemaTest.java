package pelluna.app.planfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import pelluna.words.Words;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the schema describes of a field is what whoever gets it wrong is told. */
class PlanSchemaTest {
    @Test
    void everyDescriptionOfTheSchemaIsAMessageToo() throws IOException {
        Map<String, String> described = new TreeMap<>();
        Map<String, String> said = new TreeMap<>();
        try (InputStream in = PlanSchema.class.getResourceAsStream("/plan.schema.json")) {
            gather(JsonMapper.builder().build().readTree(in), "", described);
        }
        described
                .keySet()
                .forEach(at -> said.put(at, Words.forAnybody().of(new FileNeeds.FieldNeeds(PlanSchema.named(at)))));
        assertThat(described).hasSizeGreaterThan(70);
        assertThat(said).isEqualTo(described);
    }

    private static void gather(JsonNode node, String at, Map<String, String> described) {
        if (!at.isEmpty() && node.path("description").isString()) {
            described.put(at, node.get("description").asString());
        }
        node.properties().forEach(p -> gather(p.getValue(), at + "/" + p.getKey(), described));
    }
}
