package pelluna.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;
import pelluna.app.testing.Program;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Every operation of the document with bodies made from its schema, and with what no schema has: never a 5xx. */
class ApiFuzzTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Set<String> GIVES_UP = Set.of("postTanksRemove", "postTanksPeopleLeave");
    private static final List<Operation> ALL = operations();
    private static final String PLAN = """
        {"pelluna": 1, "name": "Odd", "tank": {"lengthCm": 120, "widthCm": 50, "waterHeightCm": 50},
         "residents": [{"species": "Gramma loreto", "since": "2025-05-01"}],
         "wishes": [{"species": "Chromis viridis", "count": 6}]}""";

    private static Program program;
    private static long tank;

    /** One of the document. @param fields of its body */
    record Operation(String method, String path, String id, List<String> fields) {}

    /** One to be asked. @param part in the place of every part of the address but the tank */
    record Asked(Operation operation, String part, String body) {}

    /** A keeper of its own: nobody else's tank, facts or settings are in the way. */
    @BeforeContainer
    static void world() {
        Visitor keeper = Visitor.signedUp("Odd", "odd-" + UUID.randomUUID() + "@reef.example");
        program = Program.of(keeper, "write");
        String made =
                program.post("/tanks/from-plan", "{\"plan\": " + PLAN + "}").body();
        tank = Long.parseLong(JSON.readTree(made).path("page").asString().replaceAll("\\D", ""));
    }

    /** Tanks with odd names would stand in lists. */
    @AfterContainer
    static void asNew() {
        TestCluster.jdbc()
                .sql("delete from tank where keeper_id = (select keeper_id from tank where id = ?)")
                .param(tank)
                .update();
    }

    private static List<Operation> operations() {
        JsonNode document;
        try {
            document = JSON.readTree(Files.readString(Path.of("../docs/openapi.json")));
        } catch (java.io.IOException e) {
            throw new IllegalStateException(e);
        }
        List<Operation> all = new ArrayList<>();
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(o -> all.add(new Operation(
                                o.getKey(),
                                path.getKey().substring("/api/v1".length()),
                                o.getValue().path("operationId").asString(),
                                fields(document, o.getValue())))));
        all.removeIf(o -> GIVES_UP.contains(o.id()));
        return all;
    }

    private static List<String> fields(JsonNode document, JsonNode operation) {
        JsonNode content = operation.path("requestBody").path("content");
        if (content.isEmpty()) {
            return List.of();
        }
        String schema = content.properties()
                .iterator()
                .next()
                .getValue()
                .path("schema")
                .path("$ref")
                .asString("");
        return schema.isEmpty()
                ? List.of("pelluna", "tank", "residents", "wishes")
                : document.at(schema.substring(1)).path("properties").properties().stream()
                        .map(java.util.Map.Entry::getKey)
                        .toList();
    }

    @Provide
    Arbitrary<Asked> asked() {
        Arbitrary<String> parts = Arbitraries.oneOf(
                Arbitraries.of("1", "0", "-1", "9223372036854775807", "99999999999999999999", "Gramma-loreto", "x"),
                Arbitraries.strings().ofMinLength(1).ofMaxLength(12));
        return Arbitraries.of(ALL)
                .flatMap(o -> bodies(o.fields()).flatMap(body -> parts.map(part -> new Asked(o, part, body))));
    }

    /** Objects with some of the fields, and what is none. */
    private static Arbitrary<String> bodies(List<String> fields) {
        Arbitrary<String> objects = values().list()
                .ofSize(Math.max(1, fields.size()))
                .map(values -> {
                    ObjectNode body = JSON.createObjectNode();
                    for (int i = 0; i < fields.size(); i++) {
                        body.set(fields.get(i), values.get(i));
                    }
                    return body.toString();
                });
        return Arbitraries.frequencyOf(
                net.jqwik.api.Tuple.of(9, objects),
                net.jqwik.api.Tuple.of(
                        1,
                        Arbitraries.of("", "{", "[]", "null", "\"x\"", "[".repeat(3000), "{\"a\":{\"b\":{\"c\":1}}}")));
    }

    private static Arbitrary<JsonNode> values() {
        Arbitrary<String> texts = Arbitraries.oneOf(
                Arbitraries.strings().ofMaxLength(30),
                Arbitraries.of(
                        "Gramma loreto", "2026-11-28", "9999-99-99", "-0001-01-01", "NaN", "1e309", "true", "w1"),
                Arbitraries.of(
                        "=cmd()", "../../etc", "%00", "'; drop table tank; --", "<svg onload=x>", "1".repeat(2500)));
        return Arbitraries.oneOf(
                texts.map(t -> (JsonNode) JSON.getNodeFactory().stringNode(t)),
                Arbitraries.integers().map(n -> (JsonNode) JSON.getNodeFactory().numberNode(n)),
                Arbitraries.doubles().map(n -> (JsonNode) JSON.getNodeFactory().numberNode(n)),
                Arbitraries.of(true, false)
                        .map(b -> (JsonNode) JSON.getNodeFactory().booleanNode(b)),
                Arbitraries.just((JsonNode) JSON.getNodeFactory().nullNode()),
                texts.list().ofMaxSize(3).map(list -> {
                    var array = JSON.createArrayNode();
                    list.forEach(array::add);
                    return (JsonNode) array;
                }));
    }

    @Property(tries = 700, seed = "20261128")
    void noRequestIsAnsweredByAFailure(@ForAll("asked") Asked asked) {
        String path = asked.operation()
                .path()
                .replace("{id}", Long.toString(tank))
                .replaceAll("\\{\\w+}", encoded(asked.part()));
        HttpResponse<String> answer = asked.operation().method().equals("get")
                ? program.get(path + "?after=" + encoded(asked.part()) + "&q=" + encoded(asked.body()))
                : program.send(program.request(path)
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(asked.body())));
        assertThat(answer.statusCode())
                .as("%s %s %s: %s", asked.operation().method(), path, asked.body(), answer.body())
                .isLessThan(500);
        // an address that is none is refused by the server before it is anybody's
        if (answer.statusCode() != 400) {
            assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/");
        }
        if (answer.statusCode() == 200) {
            JSON.readTree(answer.body());
        }
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
