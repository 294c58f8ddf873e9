package pelluna.app.overrides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static pelluna.app.testing.Said.said;

import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import pelluna.app.testing.Pelluna;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.FactOverrides;

/** A keeper's words as rows: taken whole or not at all, and never in the way of a page. */
class StoredWordsTest {
    private static FactOverrideEdits opened() {
        return Pelluna.bean(FactOverrideEdits.class);
    }

    private static KeeperCatalogue catalogue() {
        return Pelluna.bean(KeeperCatalogue.class);
    }

    private static JdbcTemplate rows() {
        return new JdbcTemplate(Pelluna.bean(DataSource.class));
    }

    @AfterEach
    void clear() {
        rows().update("delete from own_fact");
        rows().update("delete from own_species");
    }

    private static FactOverrides.FactOverride skill(String species, String value) {
        return new FactOverrides.FactOverride(species, "skill", value);
    }

    @Test
    void severalWordsAreTakenTogetherOrNotAtAll() {
        assertThatThrownBy(() -> opened().take(
                                new FactOverrides(
                                        List.of(),
                                        List.of(skill("Gramma loreto", "3 of 4"), skill("Chromis viridis", "9 of 4"))),
                                ""))
                .isInstanceOf(CatalogueException.class);
        assertThat(opened().facts()).isEmpty();
        opened().take(
                        new FactOverrides(
                                List.of(),
                                List.of(skill("Gramma loreto", "3 of 4"), skill("Chromis viridis", "2 of 4"))),
                        "a file");
        assertThat(opened().facts())
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.why()).isEqualTo("a file"));
    }

    @Test
    void aLaterWordTakesThePlaceOfAnEarlierOne() {
        opened().say(skill("Gramma loreto", "3 of 4"), "first");
        opened().say(skill("Gramma loreto", "4 of 4"), "then");
        assertThat(opened().facts()).singleElement().satisfies(f -> {
            assertThat(f.value()).isEqualTo("4 of 4");
            assertThat(f.why()).isEqualTo("then");
        });
        assertThat(opened().on("Gramma loreto")).containsOnlyKeys("skill");
        assertThat(opened().on("Chromis viridis")).isEmpty();
    }

    @Test
    void withoutWordsTheShippedCatalogueItselfIsUsedAndASecondLookMakesNoNewOne() {
        assertThat(catalogue().get()).isSameAs(catalogue().shipped());
        opened().say(skill("Gramma loreto", "3 of 4"), "");
        assertThat(catalogue().get())
                .isNotSameAs(catalogue().shipped())
                .isSameAs(catalogue().get());
        assertThat(catalogue().search()).isSameAs(catalogue().search());
        opened().takeBack("Gramma loreto", "skill");
        assertThat(catalogue().get()).isSameAs(catalogue().shipped());
    }

    @Test
    void aWordThatAnOlderPellunaTookAndThisOneCannotReadIsLeftOutAndThePagesStayUp() {
        opened().say(skill("Gramma loreto", "3 of 4"), "");
        Long keeper = rows().queryForObject("select keeper_id from own_fact", Long.class);
        rows().update(
                        "insert into own_fact (keeper_id, scientific_name, fact, value) values (?, 'Chromis viridis', "
                                + "'adult', 'quite long')",
                        keeper);
        rows().update(
                        "insert into own_fact (keeper_id, scientific_name, fact, value) values (?, 'Nobody nowhere', "
                                + "'skill', '2 of 4')",
                        keeper);
        rows().update(
                        "insert into own_species (keeper_id, scientific_name, family, like_species) values (?, "
                                + "'Gramma dejongi', 'Grammatidae', 'a fish that is gone')",
                        keeper);
        assertThat(catalogue().get().find("Gramma loreto").orElseThrow().skill())
                .as("the good word counts")
                .isEqualTo(3);
        assertThat(catalogue()
                        .get()
                        .find("Chromis viridis")
                        .orElseThrow()
                        .size()
                        .usualCm())
                .as("the bad one does not")
                .isEqualTo(8);
        for (String page : List.of("wishes", "arrivals", "species", "own-word", "species/Chromis-viridis")) {
            assertThat(Pelluna.get("/tanks/1/" + page).statusCode()).as(page).isEqualTo(200);
        }
    }

    @Test
    void aTreatedPlanUsesTheWordInPagesAndWebApiAlike() {
        String plan = "{\"pelluna\":1,\"startOn\":\"2027-03-01\","
                + "\"tank\":{\"lengthCm\":150,\"widthCm\":60,\"waterHeightCm\":55},"
                + "\"wishes\":[{\"species\":\"Gramma loreto\"}]}";
        assertThat(assess(plan)).doesNotContain("least-volume");
        opened().say(new FactOverrides.FactOverride("Gramma loreto", "volume", "700 / 800 / 900 L"), "");
        assertThat(assess(plan)).contains("least-volume").containsPattern(said("catalogue.Source.KEEPER"));
    }

    private static String assess(String plan) {
        return Pelluna.send(java.net.http.HttpRequest.newBuilder(java.net.URI.create(Pelluna.url() + "/api/assess"))
                        .header("Content-Type", "application/json")
                        .POST(java.net.http.HttpRequest.BodyPublishers.ofString(plan)))
                .body();
    }

    @Test
    void anotherSiteCannotPutWordsInAKeepersMouth() {
        var answer = Pelluna.send(java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(Pelluna.url() + "/tanks/1/species/Gramma-loreto/own/skill"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Sec-Fetch-Site", "cross-site")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString("skill=4")));
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(opened().facts()).isEmpty();
    }

    @Test
    void aPlanWithAFishOfOnesOwnGoesOutAndComesBackIn() {
        long tank = Pelluna.tank("Own Plan");
        opened().add(new FactOverrides.OwnSpecies("Gramma dejongi", "Grammatidae", "Gramma loreto"), "golden gramma");
        Pelluna.post("/tanks/" + tank + "/wish-list", Map.of("species", "golden gramma"));
        String plan = Pelluna.get("/tanks/" + tank + "/plan.json").body();
        assertThat(plan).contains("Gramma dejongi");
        assertThat(Pelluna.post("/tanks/" + tank + "/import-export", Map.of("text", plan))
                        .body())
                .contains("Golden gramma");
        rows().update("delete from livestock where species = 'Gramma dejongi'");
    }
}
