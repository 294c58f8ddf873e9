package pelluna.app.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A list of fish from anywhere, over HTTP. */
class StockPagesTest {
    private static final String LIST =
            "2x royal gramma 29.90\nclownfish\nVolitans lionfish (Pterois volitans)\nqwertzuiop\n";

    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("A list");
    }

    private String look(Map<String, String> form) {
        return Pelluna.post(tank.at("/stock-list"), form).body();
    }

    private static int rows(String page) {
        return page.split("name=\"take\"", -1).length - 1;
    }

    @Test
    void everyLineIsJudgedOrMarkedForAChoice() {
        String page = look(Map.of("text", LIST));
        assertThat(rows(page)).isEqualTo(2);
        assertThat(page).containsPattern(saidWith("page.shop.unclear", "0", "2"));
        assertThat(page).contains("value=\"Gramma loreto*2\"").contains("29.9");
        assertThat(page.indexOf("Gramma loreto*2"))
                .as("the better answer comes first")
                .isLessThan(page.indexOf("Pterois volitans*1"));
        assertThat(page).containsPattern(said("shop.Says.NOT_THIS_ONE"));
    }

    @Test
    void aChoiceIsTakenAndALineLeftOut() {
        String page = look(Map.of("text", LIST, "line2-1", "Amphiprion ocellaris", "line4-1", "none"));
        assertThat(rows(page)).isEqualTo(3);
        assertThat(page).contains("Amphiprion ocellaris*1").doesNotContainPattern(said("page.shop.takeChoices"));
    }

    @Test
    void theTickedOnesComeOnTheWishList() {
        Pelluna.post(tank.at("/stock-list/wishes"), Map.of("take", "Gramma loreto*2"));
        JsonNode wishes = new JsonMapper()
                .readTree(Pelluna.get(tank.at("/plan.json")).body())
                .get("wishes");
        assertThat(wishes).hasSize(1);
        assertThat(wishes.get(0).get("count").asInt()).isEqualTo(2);
    }

    @Test
    void aFileOfAShopIsReadToo() {
        String csv =
                "Species;Common name;Price\nGramma loreto;Royal gramma;29,90\nZebrasoma flavescens;Yellow tang;99,00\n";
        String page = Pelluna.upload(
                        tank.at("/stock-list"), Map.of("text", ""), "file", csv.getBytes(StandardCharsets.UTF_8))
                .body();
        assertThat(rows(page)).isEqualTo(2);
    }

    @Test
    void aLongListIsCutAndSaysSo() {
        String page = look(Map.of("text", "F-1; Gramma loreto; Royal gramma; M; 29,90\n".repeat(301)));
        assertThat(rows(page)).isEqualTo(300);
        assertThat(page).containsPattern(said("page.shop.listCut", 300));
    }

    @Test
    void aListWithoutFishSaysSo() {
        assertThat(look(Map.of("text", "---\n12"))).containsPattern(said("page.shop.nothingRead"));
    }
}
