package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;
import static pelluna.app.testing.Said.shown;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.Pelluna;
import pelluna.core.arrivals.Dated;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Tension;
import pelluna.words.Words;

/** What the pages say in words, against what the core computed. */
class ThePlanInWordsTest {
    private static OpenTank lantern() {
        return Pelluna.bean(TankPlans.class).open(Pelluna.owned(1));
    }

    @Test
    void whatTheFiguresOfTheTankDecideIsToldOnItsPage() {
        String tank = Pelluna.get("/tanks/1/tank").body();
        assertThat(tank)
                .containsPattern(said("page.tankplace.aTankOf", "468 L</b>"))
                .containsPattern(said("page.tankplace.holdsBackWishes"));
        assertThat(tank).containsPattern(said("page.tankplace.ofSand")).contains("468 L"); // 150 × 60 × 52 cm
    }

    @Test
    void everyArrivalIsOnItsPageWithItsDayAndItsReason() {
        OpenTank opened = lantern();
        for (Dated d : opened.assessment().arrivals().steps()) {
            String page = Pelluna.get("/tanks/1/arrivals?at=" + d.position()).body();
            assertThat(page)
                    .contains(d.position() + " · "
                            + Words.forAnybody().list(d.arrival().parties()).replace("'", "&#39;"));
            d.why()
                    .forEach(why ->
                            assertThat(page).contains(opened.say().of(why).replace("'", "&#39;")));
        }
    }

    @Test
    void tensionAmongThoseWhoWillLiveHereIsListedWithItsDrivers() {
        String page = Pelluna.get("/tanks/1/arrivals").body();
        OpenTank opened = lantern();
        List<Tension> hard = opened.assessment().tension().stream()
                .filter(t -> t.index() >= Tension.RIPPLE_FROM)
                .filter(t -> lives(opened, t.aggressor()) && lives(opened, t.target()))
                .toList();
        assertThat(hard)
                .isNotEmpty()
                .allSatisfy(t -> assertThat(page)
                        .containsPattern(said(
                                "page.arrivals.presses",
                                Words.forAnybody().of(t.aggressor()),
                                Words.forAnybody().of(t.target())))
                        .contains(opened.say().of(t.reasons().get(0).why()).replace("'", "&#39;")));
    }

    private static boolean lives(OpenTank opened, Party party) {
        return party.resident()
                || opened.assessment().bestSet().take().stream().anyMatch(p -> p.id().equals(party.id()));
    }

    @Test
    void whatOnlyRipplesIsMadeBetterAndWhatBlocksIsACondition() {
        String fits = Pelluna.get("/tanks/1/species/Centropyge-bispinosa").body();
        assertThat(fits)
                .containsPattern(said(
                                "page.species.in",
                                "Lantern Ledge",
                                Words.forAnybody().of(Verdict.Outcome.FITS)) + "<")
                .containsPattern(said("sieve.WatchedAround"))
                .doesNotContainPattern(saidWith(
                        "sieve.FitsIf", "condition", said("sieve.WatchedAround").pattern()));
        assertThat(Pelluna.get("/tanks/1/species/Paracanthurus-hepatus").body())
                .containsPattern(said("sieve.WouldNeed"));
        assertThat(Pelluna.get("/tanks/1/species/Macropharyngodon-bipartitus").body())
                .containsPattern(said("sieve.SandOf"));
    }

    @Test
    void aStartDateHoldsTheDatesAndABadOneIsRefused() {
        long tank = Pelluna.tank("Start Date");
        Pelluna.post("/tanks/" + tank + "/wish-list", Map.of("species", "royal gramma"));
        assertThat(Pelluna.post("/tanks/" + tank + "/start", Map.of("startOn", "2030-05-01"))
                        .body())
                .containsPattern(said("page.arrivals.datesAreCountedFrom"))
                .contains("31 May 2030");
        assertThat(Pelluna.post("/tanks/" + tank + "/start", Map.of("startOn", "someday"))
                        .statusCode())
                .isEqualTo(422);
        assertThat(Pelluna.get("/tanks/" + tank + "/arrivals").body()).contains("1 May 2030");
        assertThat(Pelluna.post("/tanks/" + tank + "/start", Map.of("startOn", ""))
                        .body())
                .containsPattern(said("page.arrivals.fromTodayOnSetADay"));
    }

    @Test
    void aTankIsRenamedAndGivenUpWithEverythingInIt() {
        long tank = Pelluna.tank("Short Life");
        Pelluna.post("/tanks/" + tank + "/residents", Map.of("species", "royal gramma", "count", "1"));
        assertThat(Pelluna.post("/tanks/" + tank + "/name", Map.of("name", "Shorter"))
                        .body())
                .contains("Shorter");
        assertThat(Pelluna.post("/tanks/" + tank + "/name", Map.of("name", "  "))
                        .statusCode())
                .isEqualTo(422);
        Pelluna.post("/tanks/" + tank + "/remove", Map.of());
        assertThat(Pelluna.get("/tanks/" + tank + "/tank").statusCode()).isEqualTo(404);
    }

    @Test
    void residentsAreSettledAndTakenOut() {
        long tank = Pelluna.tank("Residents");
        String settled = Pelluna.post(
                        "/tanks/" + tank + "/residents",
                        Map.of("species", "ocellaris clownfish", "count", "2", "lengthCm", "7"))
                .body();
        assertThat(settled).contains("2 × common clownfish").contains("Amphiprion ocellaris");
        String id = settled.replaceFirst("(?s).*/residents/(\\d+)/remove.*", "$1");
        assertThat(Pelluna.post("/tanks/" + tank + "/residents/" + id + "/remove", Map.of())
                        .body())
                .containsPattern(said("page.tank.nobodyYetPutInTheFish"));
        assertThat(Pelluna.post("/tanks/" + tank + "/residents/" + id + "/remove", Map.of())
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void aWishOfAnotherTankIsOutOfReach() {
        long tank = Pelluna.tank("Neighbour");
        String added = Pelluna.post("/tanks/" + tank + "/wish-list", Map.of("species", "royal gramma"))
                .uri()
                .toString()
                .replaceFirst(".*wish=", "");
        assertThat(Pelluna.post("/tanks/1/wish-list/" + added + "/remove", Map.of())
                        .statusCode())
                .isEqualTo(404);
        assertThat(Pelluna.post("/tanks/" + tank + "/wish-list/" + added + "/remove", Map.of())
                        .statusCode())
                .isEqualTo(200);
    }

    /** All species, every eighth at a time: four hundred pages in one test are long on a busy machine. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7})
    void everySpeciesHasItsPageWithItsFactsAndTheirSources(int part) {
        List<Species> all = Pelluna.bean(Catalogue.class).all();
        for (int i = part; i < all.size(); i += 8) {
            Species s = all.get(i);
            String page =
                    shown(Pelluna.get("/tanks/1/species/" + s.scientificName().replace(' ', '-'))
                            .body());
            assertThat(page)
                    .as(s.name())
                    .contains(s.scientificName())
                    .containsPattern(said("page.species.growsToInATankTheRecord"))
                    .containsPattern("\\(" + said("catalogue.Source.COMMON_PRACTICE"))
                    .doesNotContain(">null", "NaN");
            s.hazards().forEach(h -> assertThat(page).as(s.name()).containsPattern(said("sieve.MovedInAContainer")));
        }
    }

    @Test
    void originAndHarmAreSaidForEverySpecies() {
        assertThat(Pelluna.get("/tanks/1/species/Chromis-viridis").body())
                .containsPattern(said("search.Trait.COMES_FROM_THE_WILD"))
                .containsPattern(said("page.species.leavesTheReefsLifeAlone"));
        assertThat(Pelluna.get("/tanks/1/species/Gramma-loreto").body())
                .containsPattern(said("page.species.captiveBredFishAreToBeHad"));
    }

    @Test
    void searchFindsNamesGroupsAndFamiliesAndOffersWhatIsNear() {
        assertThat(Pelluna.get("/tanks/1/species?q=fairy+wrasse").body())
                .contains("Cirrhilabrus exquisitus")
                .doesNotContain("Naso lituratus");
        assertThat(Pelluna.get("/tanks/1/species?q=siganidae").body()).contains("Siganus vulpinus");
        assertThat(Pelluna.get("/tanks/1/species?q=foxfase").body())
                .containsPattern(said("search.ReadAs"))
                .contains("Siganus vulpinus");
    }

    @Test
    void lightAndUnitsArePartOfTheKeeper() {
        assertThat(Pelluna.post("/settings/theme", Map.of("theme", "night")).body())
                .contains("data-theme=\"night\"");
        assertThat(Pelluna.post("/settings/theme", Map.of("theme", "purple")).body())
                .contains("data-theme=\"system\"");
    }
}
