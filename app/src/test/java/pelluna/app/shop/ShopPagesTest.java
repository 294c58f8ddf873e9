package pelluna.app.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.shop.Says;
import pelluna.core.shop.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a phone takes along to the shop, and what it brings home, over HTTP. */
class ShopPagesTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int MOST_BYTES = 300_000;

    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("In the shop");
    }

    private String file(String name) {
        HttpResponse<String> answer = Pelluna.get(tank.at("/shop-card/" + name));
        assertThat(answer.statusCode()).isEqualTo(200);
        return answer.body();
    }

    private String mark(String name) {
        return Pelluna.get(tank.at("/shop-card/" + name))
                .headers()
                .firstValue("ETag")
                .orElseThrow();
    }

    private int statusFor(String mark) {
        return Pelluna.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + tank.at("/shop-card/fish.json")))
                        .header("If-None-Match", mark))
                .statusCode();
    }

    private JsonNode plan() {
        return JSON.readTree(Pelluna.get(tank.at("/plan.json")).body());
    }

    private String buy(String species, String into) {
        return Pelluna.post(tank.at("/shop-card/bought"), Map.of("species", species, "into", into))
                .body();
    }

    private String card() {
        return Pelluna.get(tank.at("/shop-card")).body();
    }

    private static long packed(String text) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return bytes.size();
    }

    @Test
    void theWholeCatalogueLiesOnThePhone() throws IOException {
        String fish = file("fish.json");
        JsonNode card = JSON.readTree(fish);
        assertThat(card.get("fish")).hasSize(Catalogue.shipped().all().size());
        assertThat(packed(fish) + packed(file("pairs.json"))).isLessThan(MOST_BYTES);
        Shop shop = new Shop(
                Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id)).plan(), Pelluna.today());
        List<Species> all = Catalogue.shipped().all();
        assertThat(IntStream.range(0, all.size()))
                .allSatisfy(i -> assertThat(card.get("fish").get(i).get("says").asString())
                        .isEqualTo(shop.of(all.get(i)).says().word()));
        assertThat(card.get("fish")).allSatisfy(f -> {
            assertThat(f.get("look")).hasSize(3);
            assertThat(f.get("ask")).hasSize(2);
            assertThat(card.get("texts").get(f.get("main").asInt()).asString()).isNotBlank();
        });
    }

    @Test
    void everyTwoThatMayLiveHereHaveAnAnswer() {
        JsonNode card = JSON.readTree(file("fish.json"));
        JsonNode pairs = JSON.readTree(file("pairs.json"));
        int n = pairs.get("fish").size();
        assertThat(pairs.get("pairs").asString()).hasSize(n * (n + 1) / 2);
        assertThat(pairs.get("fish"))
                .allSatisfy(i -> assertThat(
                                card.get("fish").get(i.asInt()).get("says").asString())
                        .isNotEqualTo(Says.NOT_THIS_ONE.word()));
        assertThat(pairs.get("pairs").asString().chars())
                .allMatch(c -> c - '0' < pairs.get("told").size());
    }

    @Test
    void nothingComesWhileNothingHasChangedAndEverythingOnceThePlanHas() {
        String mark = mark("fish.json");
        assertThat(statusFor(mark)).isEqualTo(304);
        assertThat(mark("pairs.json")).isEqualTo(mark);
        tank.post("/tank", Map.of("sandDepthCm", "0"));
        assertThat(statusFor(mark)).isEqualTo(200);
        assertThat(mark("fish.json")).isNotEqualTo(mark);
    }

    @Test
    void whatIsBoughtIntoTheTankLivesThereAndIsJudged() {
        int before = plan().get("residents").size();
        String page = buy("Pterois volitans", "tank");
        assertThat(page).containsPattern(said("page.shop.takeItBack"));
        assertThat(page).containsPattern(said("page.shop.wentBack"));
        JsonNode residents = plan().get("residents");
        assertThat(residents).hasSize(before + 1);
        JsonNode lion = residents.get(before);
        assertThat(lion.get("since").asString()).isEqualTo(Pelluna.today().toString());
        long fish = tank.fish().stream()
                .filter(f -> f.species().scientificName().equals("Pterois volitans"))
                .findFirst()
                .orElseThrow()
                .id();
        Pelluna.post(tank.at("/losses"), Map.of("fish", Long.toString(fish), "how", "returned"));
        assertThat(plan().get("residents")).hasSize(before);
    }

    @Test
    void whatIsBoughtIntoQuarantineWaitsThere() {
        tank.post("/tank", Map.of("quarantineSchool", "thirty-days-watch", "quarantinePlaces", "2"));
        String page = buy("Gramma loreto", "quarantine");
        assertThat(page).containsPattern(said("page.shop.itIsInQuarantine"));
        assertThat(Pelluna.get(tank.at("/arrivals/quarantine")).body()).contains("gramma");
        assertThat(plan().get("wishes")).hasSize(1);
    }

    @Test
    void whereEveryPlaceIsTakenItSaysWhichIsShared() {
        tank.post("/tank", Map.of("quarantinePlaces", "1"));
        assertThat(buy("Gramma loreto", "quarantine")).doesNotContainPattern(said("page.shop.sharesPlace"));
        assertThat(buy("Salarias fasciatus", "quarantine")).containsPattern(said("page.shop.sharesPlace", 1));
    }

    @Test
    void whatWasTappedOnAnotherDayLivesThereSinceThatDay() {
        LocalDate day = Pelluna.today().minusDays(2);
        Pelluna.post(
                tank.at("/shop-card/bought"),
                Map.of(
                        "species",
                        "Gramma loreto",
                        "into",
                        "tank",
                        "at",
                        Long.toString(Pelluna.now().minus(Duration.ofDays(2)).toEpochMilli())));
        JsonNode residents = plan().get("residents");
        assertThat(residents.get(residents.size() - 1).get("since").asString()).isEqualTo(day.toString());
    }

    @Test
    void whatWasWishedForIsThatVeryFish() {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "count", "1"));
        assertThat(plan().get("wishes")).hasSize(1);
        buy("Gramma loreto", "tank");
        assertThat(plan().get("wishes")).isEmpty();
    }

    @Test
    void aFishIsSleptOnOnceAndComesOnTheWishListOrGoes() {
        for (int i = 0; i < 2; i++) {
            Pelluna.post(tank.at("/shop-card/sleep"), Map.of("species", "Gramma loreto"));
        }
        assertThat(card().split("shop-card/sleep/", -1)).hasSize(2);
        assertThat(plan().get("wishes")).as("it is in no plan yet").isEmpty();
        String life = card().replaceAll("(?s).*shop-card/sleep/(\\d+).*", "$1");
        Pelluna.post(tank.at("/shop-card/sleep/" + life), Map.of("what", "wish"));
        assertThat(plan().get("wishes")).hasSize(1);
        assertThat(card()).doesNotContain("shop-card/sleep/");
        Pelluna.post(tank.at("/shop-card/sleep"), Map.of("species", "Salarias fasciatus"));
        String other = card().replaceAll("(?s).*shop-card/sleep/(\\d+).*", "$1");
        Pelluna.post(tank.at("/shop-card/sleep/" + other), Map.of("what", "drop"));
        assertThat(card()).doesNotContain("shop-card/sleep/");
        assertThat(Pelluna.get(tank.at("/log/fish")).body())
                .as("it never was here")
                .doesNotContain("lawnmower");
    }

    @Test
    void theDayOfAYesIsNamedOnTheList() {
        tank.post("/tank", Map.of("cycledOn", Pelluna.today().minusDays(220).toString()));
        Pelluna.post(tank.at("/shop-card/sleep"), Map.of("species", "Synchiropus splendidus"));
        assertThat(card()).containsPattern(said("page.shop.yesFromIf"));
    }
}
