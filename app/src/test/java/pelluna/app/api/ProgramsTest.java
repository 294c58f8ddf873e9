package pelluna.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import pelluna.app.testing.Letters;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Program;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tokens, scopes, keys, entity tags, pages of lists: what holds for every program. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ProgramsTest {
    private static final JsonMapper JSON = new JsonMapper();
    private LogTank tank;
    private Program writes;
    private Program reads;
    private Program logs;

    @BeforeAll
    void tokens() {
        tank = new LogTank("Of programs");
        writes = Program.of(Pelluna.ines(), "write");
        reads = Program.of(Pelluna.ines(), "read");
        logs = Program.of(Pelluna.ines(), "log");
    }

    @AfterAll
    void asNew() {
        TestCluster.jdbc().sql("delete from program_token").update();
        Pelluna.post("/tanks/" + tank.id + "/remove", Map.of());
    }

    private String at(String path) {
        return "/tanks/" + tank.id + path;
    }

    private static JsonNode json(HttpResponse<String> answer) {
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/");
        return JSON.readTree(answer.body());
    }

    private long tests() {
        return TestCluster.jdbc()
                .sql("select count(*) from water_test where tank_id = ?")
                .param(tank.id)
                .query(Long.class)
                .single();
    }

    @Test
    void aTokenIsKeptAsAHashAndItsUseIsSeen() {
        assertThat(reads.get("/tanks").statusCode()).isEqualTo(200);
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from program_token where position(convert_to(?, 'UTF8') in secret) > 0")
                        .param(reads.token)
                        .query(Long.class)
                        .single())
                .isZero();
        assertThat(Pelluna.get("/account/programs").body())
                .contains("last used")
                .doesNotContain(writes.token);
    }

    @Test
    void withoutAGoodTokenNothingIsAnswered() {
        HttpResponse<String> answer = Program.stranger().get("/tanks");
        assertThat(answer.statusCode()).isEqualTo(401);
        assertThat(answer.headers().firstValue("WWW-Authenticate")).contains("Bearer");
        assertThat(json(answer).path("code").asString()).isEqualTo("app.signin.NoToken");
        Program ended = Program.of(Pelluna.ines(), "read");
        long newest = TestCluster.jdbc()
                .sql("select max(id) from program_token")
                .query(Long.class)
                .single();
        Pelluna.post("/account/programs/" + newest + "/end", Map.of());
        assertThat(ended.get("/tanks").statusCode()).isEqualTo(401);
    }

    @Test
    void aTokenIsForAWhile() {
        Program old = Program.of(Pelluna.ines(), "read");
        assertThat(old.get("/tanks").statusCode()).isEqualTo(200);
        TestCluster.jdbc()
                .sql("update program_token set expires_at = timestamptz '2001-01-01' where id = "
                        + "(select max(id) from program_token)")
                .update();
        assertThat(old.get("/tanks").statusCode()).isEqualTo(401);
    }

    @Test
    void aPasswordThatIsResetEndsTheKeepersTokens() {
        String address = "lost-" + UUID.randomUUID() + "@reef.example";
        Program theirs = Program.of(Visitor.signedUp("Lost", address), "read");
        assertThat(theirs.get("/tanks").statusCode()).isEqualTo(200);
        new Visitor().post("/forgot", Map.of("email", address));
        new Visitor().post(Letters.link(address), Map.of("password", "a heron in the attic"));
        assertThat(theirs.get("/tanks").statusCode()).isEqualTo(401);
        assertThat(reads.get("/tanks").statusCode()).isEqualTo(200);
    }

    @Test
    void scopesHoldBackWhatIsNotTheirs() {
        String test = "{\"nitrate\": 4}";
        long before = tests();
        assertThat(json(reads.post(at("/log/water"), test)).path("code").asString())
                .isEqualTo("app.api.NotThatScope");
        assertThat(reads.post(at("/name"), "{\"name\": \"No\"}").statusCode()).isEqualTo(403);
        assertThat(tests()).isEqualTo(before);
        assertThat(logs.post(at("/log/water"), test).statusCode()).isEqualTo(200);
        assertThat(logs.post(at("/name"), "{\"name\": \"No\"}").statusCode()).isEqualTo(403);
        assertThat(tests()).isEqualTo(before + 1);
    }

    @Test
    void nobodysProgramSeesAnothersTank() {
        Visitor other = Visitor.signedUp("Other", "other-" + UUID.randomUUID() + "@reef.example");
        Program theirs = Program.of(other, "write");
        for (String path : List.of("", "/plan", "/assessment", "/odds", "/verdicts", "/records/livestock")) {
            assertThat(theirs.get(at(path)).statusCode()).as(path).isEqualTo(404);
        }
        assertThat(theirs.post(at("/log/water"), "{\"nitrate\": 4}").statusCode())
                .isEqualTo(404);
        assertThat(json(theirs.get("/tanks")).path("items")).isEmpty();
    }

    @Test
    void oddsAreTheSameForATankAndItsFileAndForTheSameSeed() {
        JsonNode odds = json(reads.get(at("/odds?runs=40&seed=7")));
        assertThat(odds.path("runs").asInt()).isEqualTo(40);
        assertThat(odds.path("allWell").path("6").asDouble()).isBetween(0.0, 1.0);
        String plan = reads.get(at("/plan")).body();
        assertThat(json(reads.post("/odds?runs=40&seed=7", plan))).isEqualTo(odds);
        assertThat(reads.get(at("/odds?runs=0")).statusCode()).isEqualTo(422);
        assertThat(reads.post("/odds", "{}").statusCode()).isEqualTo(422);
    }

    @Test
    void theSameKeyIsWrittenOnce() {
        long before = tests();
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 3; i++) {
            assertThat(writes.send(keyed(key, "{\"nitrate\": 5}")).statusCode()).isEqualTo(200);
        }
        assertThat(tests()).isEqualTo(before + 1);
        assertThat(writes.send(keyed("x".repeat(61), "{}")).statusCode()).isEqualTo(422);
    }

    private HttpRequest.Builder keyed(String key, String body) {
        return writes.request(at("/log/water"))
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", key)
                .POST(HttpRequest.BodyPublishers.ofString(body));
    }

    @Test
    void aWriteForAnotherStateOfTheTankIsRefused() {
        String before = writes.get(at("")).headers().firstValue("ETag").orElseThrow();
        HttpResponse<String> first = writes.send(given(before, "{\"nitrate\": 6}"));
        assertThat(first.statusCode()).isEqualTo(200);
        String after = first.headers().firstValue("ETag").orElseThrow();
        assertThat(after).isNotEqualTo(before);
        assertThat(writes.get(at("/plan")).headers().firstValue("ETag")).contains(after);
        long tests = tests();
        HttpResponse<String> late = writes.send(given(before, "{\"nitrate\": 7}"));
        assertThat(late.statusCode()).isEqualTo(412);
        assertThat(json(late).path("code").asString()).isEqualTo("app.writes.ChangedMeanwhile");
        assertThat(tests()).isEqualTo(tests);
        assertThat(writes.send(given("\"other\", " + after, "{\"nitrate\": 7}")).statusCode())
                .isEqualTo(200);
    }

    private HttpRequest.Builder given(String tag, String body) {
        return writes.request(at("/log/water"))
                .header("Content-Type", "application/json")
                .header("If-Match", tag)
                .POST(HttpRequest.BodyPublishers.ofString(body));
    }

    @Test
    void whatIsTheSameStillIsNotSentAgain() {
        for (String path : List.of(at(""), at("/plan"), at("/assessment"), "/species?limit=2", "/tanks")) {
            String tag = reads.get(path).headers().firstValue("ETag").orElseThrow();
            HttpResponse<String> again = reads.send(reads.request(path).header("If-None-Match", tag));
            assertThat(again.statusCode()).as(path).isEqualTo(304);
            assertThat(again.body()).isEmpty();
        }
    }

    @Test
    void aListIsGoneThroughPageByPage() {
        List<String> whole = names("/species?limit=200", "");
        String next = "";
        List<String> parts = new java.util.ArrayList<>();
        for (int i = 0; i < 5; i++) {
            JsonNode page = json(reads.get("/species?limit=40" + (next.isEmpty() ? "" : "&after=" + next)));
            page.path("items").forEach(s -> parts.add(s.path("scientificName").asString()));
            next = page.path("next").asString().replace(" ", "%20");
        }
        assertThat(parts).hasSize(200).isEqualTo(whole);
        for (String limit : List.of("0", "201", "-1", "many")) {
            assertThat(reads.get("/tanks?limit=" + limit).statusCode())
                    .as(limit)
                    .isBetween(400, 422);
        }
    }

    private List<String> names(String path, String q) {
        return json(reads.get(path + q))
                .path("items")
                .valueStream()
                .map(s -> s.path("scientificName").asString())
                .toList();
    }

    @Test
    void whatPeopleTypeFindsAFish() {
        assertThat(names("/species?q=", "clownfish")).contains("Amphiprion ocellaris");
        assertThat(json(reads.get(at("/verdicts?q=yellow%20tang")))
                        .path("items")
                        .get(0)
                        .path("says")
                        .asString())
                .isIn("yes", "yes-if", "not-today", "not-this-one");
    }

    @Test
    void aRefusalSaysWhichFieldAndChangesNothing() {
        HttpResponse<String> wish = writes.post(at("/wish-list"), "{\"species\": \"no such fish\"}");
        assertThat(wish.statusCode()).isEqualTo(422);
        assertThat(json(wish).path("problems").get(0).path("field").asString()).isEqualTo("species");
        for (String body : List.of("[]", "{", "{\"a\": [[1]]}", "1", "{\"a\": 1, \"a\": 2}")) {
            HttpResponse<String> answer = writes.post(at("/log/water"), body);
            assertThat(answer.statusCode()).as(body).isEqualTo(422);
            assertThat(json(answer).path("code").asString()).startsWith("app.");
        }
    }

    @Test
    void whoMayNotByPageMayNotByProgram() {
        Visitor guest = Visitor.signedUp("Guest", "guest-" + UUID.randomUUID() + "@reef.example");
        Program theirs = Program.of(guest, "write");
        TestCluster.jdbc()
                .sql("insert into tank_member (tank_id, keeper_id, role) " + "select ?, max(id), 'helper' from keeper")
                .param(tank.id)
                .update();
        assertThat(theirs.post(at("/log/water"), "{\"nitrate\": 3}").statusCode())
                .isEqualTo(200);
        assertThat(theirs.post(at("/name"), "{\"name\": \"Mine\"}").statusCode())
                .isEqualTo(403);
    }

    @Test
    void programsReachNothingElse() {
        for (String path : List.of("/account/password", "/account/delete", "/account/programs", "/server/sign-up")) {
            assertThat(writes.post(path, "{}").statusCode()).as(path).isBetween(400, 499);
        }
        assertThat(Visitor.unsigned(HttpRequest.newBuilder(java.net.URI.create(Pelluna.url() + "/tanks/" + tank.id))
                                .header("Authorization", "Bearer " + writes.token)
                                .build())
                        .statusCode())
                .isNotEqualTo(200);
    }
}
