package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
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
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.app.testing.Visitor;

/** Everything of an account, taken out and brought into another one: every page is the same. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class EverythingOutAndInTest {
    private static World world;
    private static Visitor ann;
    private static String address;
    private static byte[] zip;

    @BeforeAll
    static void anAccountInWhichEverythingHappened() throws IOException {
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
        TestCluster.jdbc().sql(sql).update();
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

    /** What pages say and draw, by their addresses, with all numbers of rows taken out of both. */
    private static Map<String, String> pages(Visitor who, long tank) {
        Map<String, String> pages = new TreeMap<>();
        Map<String, Integer> again = new TreeMap<>();
        String base = "/tanks/" + tank + "/";
        new Crawl(3).from(List.of(base + "today"), p -> p.startsWith(base) && !p.contains("/species/"), path -> {
            HttpResponse<String> page = who.get(path);
            String address = path.replace(base, "/tanks/N/")
                    .replaceAll("(fish|incidents|losses|bullied|quarantine|crew)/\\d+", "$1/N")
                    .replaceAll("(which|wish|after|fish|stay|picture)=\\d+", "$1=N");
            pages.put(address + " " + again.merge(address, 1, Integer::sum), bare(page));
            return page;
        });
        return pages;
    }

    private static String bare(HttpResponse<String> page) {
        return page.statusCode() + " "
                + page.body()
                        .replaceAll(
                                "\\s(id|href|src|action|for|value|name|content|class|fill|mask|filter|clip-path|data-[\\w-]+"
                                        + "|aria-controls|aria-labelledby|aria-describedby)=\"[^\"]*\"",
                                "")
                        .replaceAll("(?m)^(UID|DTSTAMP|X-WR-CALNAME).*$", "")
                        .replaceAll("\\b[rw]\\d+\\b", "N")
                        .replaceAll("/tanks/\\d+", "/tanks/N")
                        .replaceAll("\"(fish|id|row|other|key)\":\\s*\"?[^,}]*", "\"$1\":N");
    }

    @Test
    @Order(1)
    void broughtIntoAnotherAccountEveryPageIsTheSame() {
        Visitor bea = newcomer();
        HttpResponse<String> page = bringIn(bea, zip);
        assertThat(page.body()).containsPattern(said("page.data.came", 1));
        assertThat(pages(bea, firstTank(bea))).hasSizeGreaterThan(60).isEqualTo(pages(ann, world.tank.id));
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
            String before = new String(first.get(f), StandardCharsets.UTF_8);
            String after = new String(second.get(f), StandardCharsets.UTF_8);
            if (!before.replaceAll("\\d+", "N").equals(after.replaceAll("\\d+", "N"))) {
                other.add(f + "\n" + before + "\n" + after);
            }
        });
        assertThat(other).isEmpty();
        assertThat(first.keySet()).contains("log_entry.csv", "settings.csv").anyMatch(f -> f.startsWith("pictures/"));
    }

    @Test
    @Order(9)
    void onceTheAccountIsGoneThePackageBringsItBackElsewhere() {
        Map<String, String> before = pages(ann, world.tank.id);
        assertThat(ann.get("/account/delete").body()).contains("/account/data.zip");
        assertThat(ann.post("/account/delete", Map.of("current", "not this one"))
                        .body())
                .containsPattern(said("app.signin.NotYourPassword"));
        ann.post("/account/delete", Map.of("current", Visitor.PASSWORD));
        assertThat(ann.get("/account").uri().getPath()).isEqualTo("/sign-in");
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
                    String descriptor = new String(files.get("datapackage.json"), StandardCharsets.UTF_8);
                    files.put(
                            "datapackage.json",
                            descriptor.replaceAll("\"hash\" : \"[^\"]*\",?", "").getBytes(StandardCharsets.UTF_8));
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
        refused(
                files -> {
                    files.put("log_entry.csv", new byte[410_000_000]);
                    return files;
                },
                "TooLarge");
    }

    private static void refused(UnaryOperator<Map<String, byte[]>> changed, String why) throws IOException {
        Visitor bea = newcomer();
        Map<String, Long> before = Rows.counted();
        HttpResponse<String> page = bringIn(bea, packed(changed.apply(unpacked(zip))));
        assertThat(page.body()).containsPattern(said("app.datapackage." + why));
        assertThat(Rows.since(before)).isEmpty();
    }
}
