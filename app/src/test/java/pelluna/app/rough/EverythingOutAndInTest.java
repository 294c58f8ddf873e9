package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.networknt.schema.Error;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.rows.PlanJson;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Everything of an account, taken out and brought into another one: every page is the same. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class EverythingOutAndInTest {
    private static World world;
    private static Visitor ann;
    private static String address;
    private static byte[] zip;
    private static Map<String, String> before;

    @BeforeAll
    static void anAccountInWhichEverythingHappened() throws IOException {
        Pelluna.url();
        longNumbers();
        world = new World("Quarry");
        world.everything();
        Pelluna.upload(
                "/tanks/" + world.tank.id + "/log/fish/" + world.tank.wrasse() + "/picture", Map.of(), "file", png());
        address = UUID.randomUUID() + "@reef.example";
        ann = Visitor.signedUp("Ann", address);
        for (String table : List.of("own_fact", "own_species")) {
            sql("update " + table + " set keeper_id = (select id from keeper where email = '" + address + "')");
        }
        sql("update tank set keeper_id = (select id from keeper where email = '" + address + "') where id = "
                + world.tank.id + " or sandbox_of = " + world.tank.id);
        for (String others : List.of("share_link", "invitation", "tank_member")) {
            sql("delete from " + others + " where tank_id = " + world.tank.id);
        }
        ann.post("/settings/units", Map.of("units", "US"));
        ann.post("/account/zone", Map.of("zone", "Pacific/Chatham"));
        zip = download(ann);
        before = pages(ann, world.tank.id);
    }

    @AfterAll
    static void asNew() {
        World.asNew();
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(9, 7, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", bytes);
        return bytes.toByteArray();
    }

    private static void sql(String sql) {
        try (Connection database = TestCluster.connect();
                Statement statement = database.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static byte[] download(Visitor who) {
        HttpRequest request = who.signed(HttpRequest.newBuilder(URI.create(Pelluna.url() + "/account/data.zip"))
                .GET()
                .build());
        try {
            HttpResponse<byte[]> answer =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray());
            assertThat(answer.statusCode()).isEqualTo(200);
            return answer.body();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Map<String, byte[]> unpacked(byte[] zip) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] packed(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private static HttpResponse<String> bringIn(Visitor who, byte[] file) {
        return who.upload("/account/data", Map.of(), "file", file);
    }

    private static Visitor newcomer() {
        return Visitor.signedUp("Ann", UUID.randomUUID() + "@reef.example");
    }

    private static long firstTank(Visitor who) {
        return Long.parseLong(who.get("/").uri().getPath().replaceAll("\\D", ""));
    }

    /** Whole pages by their addresses; where a row has a number, that it has one. */
    private static Map<String, String> pages(Visitor who, long tank) {
        Map<String, String> pages = new TreeMap<>();
        Map<String, Integer> again = new TreeMap<>();
        String base = "/tanks/" + tank + "/";
        new Crawl(2).from(List.of(base + "today"), p -> p.startsWith(base) && !p.contains("/species/"), path -> {
            HttpResponse<String> page = who.get(path);
            String address = unnumbered(path);
            pages.put(
                    address + " " + again.merge(address, 1, Integer::sum), page.statusCode() + unnumbered(page.body()));
            return page;
        });
        return pages;
    }

    /** Rows have numbers of seven digits here, nothing else has. Keys and tokens are of a page, not of its content. */
    private static String unnumbered(String text) {
        return text.replaceAll("(?<!\\d)1\\d{6}(?!\\d)", "N")
                .replaceAll("(data-mark|name=\"of\"\\s+value)=\"[0-9a-f]+\"", "")
                .replaceAll("(name=\"(key|_csrf)\" value|name=\"(csrf|keeper)\" content)=\"[^\"]*\"", "")
                .replaceAll("value=\"[^\"]*\" name=\"key\"", "")
                .replaceAll("name=\"way\" value=\"[^\"]*\"", "")
                .replaceAll("UID:.*|DTSTAMP:.*", "");
    }

    private static void longNumbers() {
        List<String> tables = TestCluster.jdbc()
                .sql("select table_name from information_schema.columns where table_schema = 'public' "
                        + "and column_name = 'id' and is_identity = 'YES'")
                .query(String.class)
                .list();
        for (String table : tables) {
            sql("select setval(pg_get_serial_sequence('" + table + "', 'id'), greatest(1000000, "
                    + "(select coalesce(max(id), 0) from " + table + ")))");
        }
    }

    /** By the schemas as Frictionless publishes them. */
    @Test
    @Order(0)
    void itIsADataPackageAsPublished() throws IOException {
        Map<String, byte[]> files = unpacked(zip);
        JsonNode descriptor = PlanJson.MAPPER.readTree(files.get("datapackage.json"));
        assertThat(wrong("data-package", descriptor)).isEmpty();
        int tables = 0;
        for (JsonNode resource : descriptor.get("resources")) {
            assertThat(files.get(resource.get("path").asString()))
                    .as(resource.get("path").asString())
                    .hasSize(resource.get("bytes").asInt());
            if (resource.get("profile").asString().equals("tabular-data-resource")) {
                assertThat(wrong("tabular-data-resource", resource)).isEmpty();
                assertThat(wrong("table-schema", resource.get("schema"))).isEmpty();
                cells(resource.get("schema"), files.get(resource.get("path").asString()));
                tables++;
            }
        }
        assertThat(tables).isGreaterThan(25);
        assertThat(files).hasSize(descriptor.get("resources").size() + 1);
        ((ObjectNode) descriptor).remove("resources");
        assertThat(wrong("data-package", descriptor))
                .as("the schema is one that can be missed")
                .isNotEmpty();
    }

    private static List<Error> wrong(String schema, JsonNode node) throws IOException {
        try (InputStream in = EverythingOutAndInTest.class.getResourceAsStream("/frictionless/" + schema + ".json")) {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_4)
                    .getSchema(PlanJson.MAPPER.readTree(in))
                    .validate(node);
        }
    }

    /** Every cell is what the schema of its table says. */
    private static void cells(JsonNode schema, byte[] csv) throws IOException {
        try (CSVParser rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new InputStreamReader(new ByteArrayInputStream(csv), StandardCharsets.UTF_8))) {
            List<String> named = new ArrayList<>();
            schema.get("fields").forEach(f -> named.add(f.get("name").asString()));
            assertThat(rows.getHeaderNames()).isEqualTo(named);
            for (CSVRecord row : rows) {
                for (JsonNode field : schema.get("fields")) {
                    String cell = row.get(field.get("name").asString());
                    if (cell.isEmpty()) {
                        assertThat(field.path("constraints").path("required").asBoolean(false))
                                .as(field + " in " + row)
                                .isFalse();
                    } else {
                        assertThat(cell)
                                .as(field.toString())
                                .matches(shape(field.get("type").asString()));
                    }
                }
            }
        }
    }

    private static String shape(String type) {
        return switch (type) {
            case "integer" -> "-?\\d+";
            case "number" -> "-?\\d+(\\.\\d+)?(e[-+]?\\d+)?";
            case "boolean" -> "true|false";
            case "date" -> "\\d{4}-\\d\\d-\\d\\d";
            case "time" -> "\\d\\d:\\d\\d:\\d\\d";
            case "datetime" -> "\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{6}Z";
            case "array" -> "\\[.*]";
            default -> "(?s).*";
        };
    }

    /** What is empty is null or an empty text, by whether its column may be null: then none of these may hold both. */
    @Test
    @Order(0)
    void noColumnThatMayBeNullHoldsAnEmptyText() {
        List<String> columns = TestCluster.jdbc()
                .sql("select table_name || ' where ' || column_name || ' = ''''' from information_schema.columns "
                        + "where table_schema = 'public' and data_type = 'text' and is_nullable = 'YES'")
                .query(String.class)
                .list();
        assertThat(columns).hasSizeGreaterThan(15);
        assertThat(columns.stream()
                        .filter(c -> TestCluster.jdbc()
                                .sql("select exists (select 1 from " + c + ")")
                                .query(Boolean.class)
                                .single()))
                .isEmpty();
    }

    @Test
    @Order(1)
    void broughtIntoAnotherAccountEveryPageIsTheSame() {
        Visitor bea = newcomer();
        HttpResponse<String> page = bringIn(bea, zip);
        assertThat(page.body()).containsPattern(said("page.data.came", 1));
        assertThat(pages(bea, firstTank(bea))).hasSizeGreaterThan(60).isEqualTo(before);
    }

    @Test
    @Order(2)
    void takenOutAgainItIsTheSameButForTheNumbers() throws IOException {
        Visitor bea = newcomer();
        bringIn(bea, zip);
        Map<String, byte[]> first = unpacked(zip);
        Map<String, byte[]> second = unpacked(download(bea));
        assertThat(second).hasSameSizeAs(first);
        List<String> other = new ArrayList<>();
        first.keySet().stream().filter(f -> f.endsWith(".csv")).forEach(f -> {
            String was = new String(first.get(f), StandardCharsets.UTF_8);
            String after = new String(second.get(f), StandardCharsets.UTF_8);
            if (!was.replaceAll("\\d+", "N").equals(after.replaceAll("\\d+", "N"))) {
                other.add(f + "\n" + was + "\n" + after);
            }
        });
        assertThat(other).isEmpty();
        assertThat(first.keySet()).contains("log_entry.csv", "settings.csv").anyMatch(f -> f.startsWith("pictures/"));
    }

    @Test
    @Order(9)
    void onceTheAccountIsGoneThePackageBringsItBackElsewhere() {
        assertThat(ann.get("/account/delete").body()).contains("/account/data.zip");
        assertThat(ann.post("/account/delete", Map.of("current", "not this one"))
                        .body())
                .containsPattern(said("app.signin.NotYourPassword"));
        assertThat(ann.post("/account/delete", Map.of("current", Visitor.PASSWORD))
                        .body())
                .containsPattern(said("page.signIn.gone"));
        assertThat(ann.get("/account").statusCode()).isEqualTo(401);
        for (String kept : List.of(
                "select count(*) from keeper where email = '" + address + "'",
                "select count(*) from tank where id = " + world.tank.id,
                "select count(*) from log_entry where tank_id = " + world.tank.id,
                "select count(*) from picture where tank_id = " + world.tank.id,
                "select count(*) from mail where address = '" + address + "'")) {
            assertThat(TestCluster.jdbc().sql(kept).query(Long.class).single())
                    .as(kept)
                    .isZero();
        }
        Visitor bea = newcomer();
        bringIn(bea, zip);
        assertThat(pages(bea, firstTank(bea))).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource({
        "log_entry.csv, NoteX, Damaged",
        "datapackage.json, \"pelluna\" : 99, MadeByANewer",
    })
    @Order(3)
    void whatWasChangedOnTheWayIsRefused(String file, String with, String why) throws IOException {
        refused(
                files -> {
                    String text = new String(files.get(file), StandardCharsets.UTF_8);
                    String changed =
                            file.endsWith(".csv") ? text + with : text.replaceFirst("\"pelluna\" : \\d+", with);
                    files.put(file, changed.getBytes(StandardCharsets.UTF_8));
                    return files;
                },
                why);
    }

    @ParameterizedTest
    @CsvSource({
        "log_entry.csv, 'id,tank_id,at,doing\r\n1,999999,2026-01-01T00:00:00.000000Z,eats\r\n', BadRow",
        "tank.csv, 'id,name\r\n1,\r\n', BadRow",
        "livestock.csv, 'id,tank_id,species\r\n1,1,Draco marinus\r\n', UnknownFish",
        "livestock.csv, 'id,tank_id,species\r\nx,1,Gramma loreto\r\n', BadRow",
        "tank.csv, 'id,name\r\n1,A\r\n1,B\r\n', BadRow",
        "plan_step.csv, 'id,tank_id,said,plan_before\r\n1,1,x,{not json\r\n', BadRow",
    })
    @Order(4)
    void aRowThatCannotBeIsRefusedAndNothingIsKept(String file, String rows, String why) throws IOException {
        refused(
                files -> {
                    files.put(file, rows.getBytes(StandardCharsets.UTF_8));
                    JsonNode descriptor = PlanJson.MAPPER.readTree(files.get("datapackage.json"));
                    descriptor.get("resources").forEach(r -> ((ObjectNode) r).remove("hash"));
                    files.put("datapackage.json", PlanJson.MAPPER.writeValueAsBytes(descriptor));
                    return files;
                },
                why);
    }

    @Test
    @Order(5)
    void whatIsNoPackageOrUnpacksWithoutEndIsRefused() throws IOException {
        Visitor bea = newcomer();
        assertThat(bringIn(bea, "no zip at all".getBytes(StandardCharsets.UTF_8))
                        .body())
                .containsPattern(said("app.datapackage.NoPackage"));
        for (String endless : List.of("x".repeat(5_000_000), "1\r\n".repeat(2_100_000))) {
            refused(
                    files -> {
                        files.put("log_entry.csv", ("id\r\n" + endless).getBytes(StandardCharsets.UTF_8));
                        return files;
                    },
                    "TooLarge");
        }
    }

    private static void refused(UnaryOperator<Map<String, byte[]>> changed, String why) throws IOException {
        Visitor bea = newcomer();
        Map<String, Long> before = Rows.counted();
        HttpResponse<String> page = bringIn(bea, packed(changed.apply(unpacked(zip))));
        assertThat(page.body()).containsPattern(said("app.datapackage." + why));
        assertThat(Rows.since(before)).isEmpty();
    }
}
