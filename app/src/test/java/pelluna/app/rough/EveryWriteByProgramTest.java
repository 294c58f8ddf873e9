package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Program;
import pelluna.app.testing.TestCluster;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever a keeper writes by hand, a program writes with the same fields; and the document has them all. */
class EveryWriteByProgramTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Path DOCUMENT = Path.of("../docs/openapi.json");
    private static final Pattern PART = Pattern.compile("\\{(\\w+)(:[^}]*(?:}[^}]*)?)?}");
    /** The way in and out, what is in it for browsers alone, and what needs a file. */
    private static final Set<String> BY_HAND =
            Set.of("/begin", "/tanks/{id}/log/fish/{which}/picture", "/tanks/{id}/log/sheets");

    @AfterEach
    void asNew() {
        World.asNew();
        TestCluster.jdbc().sql("delete from program_token").update();
    }

    private static boolean forPrograms(String pattern) {
        return !BY_HAND.contains(pattern)
                && (pattern.startsWith("/tanks")
                        || pattern.startsWith("/settings")
                        || pattern.startsWith("/account/r"));
    }

    @Test
    void aProgramWritesWhatAKeeperWrites() {
        World world = new World("By a program");
        Program program = Program.of(Pelluna.ines(), "write");
        List<String> refused = new ArrayList<>();
        Routes.good().forEach((pattern, good) -> {
            if (forPrograms(pattern)) {
                Routes.Sent sent = good.apply(world);
                ObjectNode body = JSON.createObjectNode();
                sent.form().forEach(body::put);
                HttpResponse<String> answer = program.post(sent.path(), body.toString());
                if (answer.statusCode() != 200
                        || !JSON.readTree(answer.body()).path("saved").asBoolean()) {
                    refused.add(pattern + " " + answer.statusCode() + " " + answer.body());
                }
            }
        });
        assertThat(refused).isEmpty();
    }

    @Test
    void theDocumentHasEveryWriteWithItsFields() throws Exception {
        JsonNode document = JSON.readTree(Files.readString(DOCUMENT));
        JsonNode paths = document.path("paths");
        World world = new World("Of a document");
        List<String> missing = new ArrayList<>();
        Routes.good().forEach((pattern, good) -> {
            if (!forPrograms(pattern)) {
                return;
            }
            JsonNode post = paths.path("/api/v1" + PART.matcher(pattern).replaceAll("{$1}"))
                    .path("post");
            if (post.isMissingNode()) {
                missing.add(pattern);
                return;
            }
            String body = post.path("requestBody")
                    .path("content")
                    .properties()
                    .iterator()
                    .next()
                    .getValue()
                    .path("schema")
                    .path("$ref")
                    .asString();
            JsonNode schema = document.at(body.substring(1));
            good.apply(world).form().keySet().stream()
                    .filter(field -> !schema.path("properties").has(field) && !schema.has("additionalProperties"))
                    .forEach(field -> missing.add(pattern + " " + field));
        });
        assertThat(missing).isEmpty();
    }

    /** Run with -Dpelluna.draw=1 to write it. */
    @Test
    void theDocumentIsThatOfTheProgram() throws Exception {
        String now = Pelluna.get("/api/v1/openapi.json").body();
        if (System.getProperty("pelluna.draw") != null) {
            Files.writeString(DOCUMENT, now + "\n");
        }
        assertThat(Files.readString(DOCUMENT)).isEqualToIgnoringWhitespace(now);
    }
}
