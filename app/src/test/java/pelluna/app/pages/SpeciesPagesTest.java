package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.http.HttpResponse;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.overrides.FactOverrideEdits;
import pelluna.app.testing.Pelluna;

/** Search, one species, side by side, and the keeper's own word, over HTTP on the real database. */
class SpeciesPagesTest {
    @AfterEach
    void takeEveryWordBack() {
        FactOverrideEdits opened = Pelluna.bean(FactOverrideEdits.class);
        opened.species().forEach(s -> opened.remove(s.scientificName()));
        opened.facts().forEach(f -> opened.takeBack(f.scientificName(), f.fact()));
    }

    private static String body(String path) {
        return Pelluna.get(path).body();
    }

    @Test
    void aQuestionIsUnderstoodAndSaysHow() {
        String page = body("/tanks/1/species?q=small+peacefull+algae+eater+under+200+L");
        assertThat(page)
                .containsPattern(said("search.LivesIn"))
                .containsPattern(said("search.Trait.GRAZES_ALGAE_OR_FILM"))
                .containsPattern(said("search.Trait.PEACEFUL"))
                .containsPattern(said("search.ReadAs"))
                .contains("Ecsenius stigmatura")
                .doesNotContain("Zebrasoma flavescens");
        assertThat(body("/tanks/1/species?q=tiny+venomous+shark+that+grazes+algae"))
                .containsPattern(said("page.speciesList.noSpeciesIsAllOfThat"));
    }

    @Test
    void facetsNarrowAndCountAndKeepTheQuestion() {
        String page = body("/tanks/1/species?q=goby&group=clown+gobies");
        assertThat(page)
                .contains("Gobiodon okinawae")
                .doesNotContain("Amblyeleotris randalli")
                .contains("q=goby");
        assertThat(body("/tanks/1/species?fit=not-here"))
                .containsPattern(said("sieve.Outcome.NOT_IN_THIS_TANK"))
                .doesNotContainPattern(said("page.species.noRuleHasAnythingAgainstOfThem"));
        assertThat(body("/tanks/1/species?size=5&origin=captive-bred"))
                .contains("Gobiodon okinawae")
                .doesNotContain("Gramma loreto");
    }

    @Test
    void aFishThatOutgrowsTheTankIsDrawnAtItsTrueSizeAndSaysSo() {
        assertThat(body("/tanks/2/species/Chiloscyllium-punctatum"))
                .containsPattern(said("page.species.yourRunBodyLengthsGrownToIt"));
        assertThat(body("/tanks/1/species/Gramma-loreto"))
                .doesNotContainPattern(said("page.species.yourRunBodyLengthsGrownToIt"))
                .containsPattern(said("page.species.grown2", "7 cm"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/fish/Zebrasoma-flavescens.svg",
                "/fish/Pomacanthus-imperator.svg?young=true",
                "/fish/Gramma-loreto.svg?young=true"
            })
    void everyFishIsAPictureOfItsOwn(String path) {
        HttpResponse<String> picture = Pelluna.get(path);
        assertThat(picture.headers().firstValue("Content-Type"))
                .hasValueSatisfying(t -> assertThat(t).startsWith("image/svg+xml"));
        assertThat(picture.body())
                .startsWith("<svg xmlns=\"http://www.w3.org/2000/svg\"")
                .doesNotContain("NaN");
        assertThat(Pelluna.get("/fish/No-fish.svg").statusCode()).isEqualTo(404);
    }

    @Test
    void allFishStandByFamily() {
        assertThat(body("/tanks/1/species/all"))
                .contains("id=\"Acanthuridae\"")
                .contains("id=\"Zanclidae\"")
                .contains("/fish/Pomacanthus-imperator.svg?young=true");
    }

    @Test
    void aSpeciesPageTellsCompanyLookAlikesAndTheShop() {
        String page = body("/tanks/1/species/Pictichromis-paccagnellae");
        assertThat(page)
                .containsPattern(said("page.species.amongYourFish"))
                .contains("Springer&#39;s dottyback")
                .contains("Royal gramma")
                .contains("colours that fade into each other")
                .containsPattern(said("introduction.SeeItEat"));
        assertThat(body("/tanks/1/species/Siganus-vulpinus"))
                .contains("venomous")
                .containsPattern(said("catalogue.IfHurt"))
                .containsPattern(said("page.species.moveItInAContainerNeverBy"));
        assertThat(body("/tanks/1/species/Zebrasoma-flavescens"))
                .containsPattern(said("page.species.thoseWhoAskForLessSay"))
                .containsPattern(said("page.species.thoseWhoAskForLessSay"));
        assertThat(body("/tanks/1/species/Pomacanthus-imperator"))
                .containsPattern(said("page.species.youngUpToAbout", "12 cm"));
    }

    @Test
    void aFactSeenOtherwiseStandsBesideOursIsUsedAndIsTakenBackInOneClick() {
        String at = "/tanks/1/species/Gramma-loreto";
        HttpResponse<String> said = Pelluna.post(
                at + "/own/volume",
                Map.of(
                        "leastVolumeLitres.bold",
                        "700",
                        "leastVolumeLitres.customary",
                        "800",
                        "leastVolumeLitres.cautious",
                        "900",
                        "why",
                        "mine hid for a year"));
        assertThat(said.statusCode()).isEqualTo(200);
        assertThat(said.body())
                .containsPattern(saidWith(
                        "page.speciesParts.yourWordOn", "0", "" + saidWith("catalogue.FactName", "fact", "volume")))
                .contains("700 / 800 / 900 L")
                .contains("mine hid for a year")
                .containsPattern(said("page.speciesParts.pellunaSays"))
                .containsPattern(said("sieve.NeedsVolume"))
                .containsPattern(said("catalogue.Source.KEEPER"));
        assertThat(body("/tanks/1/my-facts")).contains("700 / 800 / 900 L");
        assertThat(Pelluna.get("/catalogue.csv").body()).contains("own keeper");
        assertThat(Pelluna.post(at + "/own/volume/undo", Map.of()).body())
                .doesNotContainPattern(said("page.speciesParts.yourWordOn"))
                .doesNotContainPattern(said("sieve.NeedsVolume"));
        assertThat(Pelluna.get("/catalogue.csv").body()).doesNotContain("own keeper");
    }

    @Test
    void aFactThatPellunaHasNoWordOnCanBeSaid() {
        String at = "/tanks/1/species/Gramma-loreto";
        assertThat(body(at)).containsPattern(said("page.species.keptForItself"));
        assertThat(Pelluna.post(at + "/own/helps", Map.of("helps", "flatworms")).body())
                .containsPattern(said("page.species.keptForSomeTakeToItNone"))
                .containsPattern(said("page.speciesParts.yourWordOn"));
        assertThat(body("/tanks/1/species?q=eats+flatworms")).contains("Gramma loreto");
        assertThat(Pelluna.post(at + "/own/helps", Map.of("helps", "")).statusCode())
                .isEqualTo(422);
        assertThat(Pelluna.post(at + "/own/helps/undo", Map.of()).body())
                .containsPattern(said("page.species.keptForItself"));
    }

    @Test
    void everyFactCanBeSaidOtherwiseSomewhereOnThePage() {
        String at = "/tanks/1/species/Gramma-loreto";
        Matcher asked = Pattern.compile("\\?change=[a-z-]+").matcher(body(at));
        String forms =
                asked.results().map(MatchResult::group).map(c -> body(at + c)).collect(Collectors.joining());
        pelluna.core.catalogue.FactForms.all()
                .forEach(form -> assertThat(forms).contains("/species/Gramma-loreto/own/" + form.key() + "\""));
        assertThat(body(at + "?change=nothing")).doesNotContain("/own/");
    }

    @Test
    void sayingWhatPellunaSaysIsNoWordOfOnesOwn() {
        Pelluna.post("/tanks/1/species/Gramma-loreto/own/skill", Map.of("skill", "3"));
        assertThat(body("/tanks/1/my-facts")).contains("3 of 4");
        Pelluna.post("/tanks/1/species/Gramma-loreto/own/skill", Map.of("skill", "1"));
        assertThat(body("/tanks/1/my-facts")).containsPattern(said("page.ownWord.noneYetOnAFishsPage"));
    }

    @Test
    void aWordThatCannotBeIsRefusedBesideItsFieldsAndKeepsWhatWasTyped() {
        HttpResponse<String> refused = Pelluna.post(
                "/tanks/1/species/Gramma-loreto/own/adult",
                Map.of("adultLengthCm.usual", "big", "adultLengthCm.record", "20"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("value=\"big\"").contains("16 cm, record 20 cm");
        assertThat(Pelluna.post("/tanks/1/species/Gramma-loreto/own/wings", Map.of())
                        .statusCode())
                .isEqualTo(404);
        assertThat(Pelluna.post("/tanks/999999/species/Gramma-loreto/own/skill", Map.of("skill", "2"))
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void wordsLongerThanTheirRowsAreRefusedBesideTheField() {
        HttpResponse<String> refused =
                Pelluna.post("/tanks/1/species/Gramma-loreto/own/names", Map.of("commonNames", "x".repeat(2500)));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).containsPattern(said("app.limits.TooLong"));
        assertThat(Pelluna.post(
                                "/tanks/1/species/Gramma-loreto/own/skill",
                                Map.of("skill", "2", "why", "y".repeat(401)))
                        .body())
                .containsPattern(said("app.limits.TooLong"));
        assertThat(Pelluna.post(
                                "/tanks/1/own-species",
                                Map.of("scientificName", "Gramma " + "z".repeat(90), "like", "Gramma loreto"))
                        .body())
                .containsPattern(said("app.overrides.LongFact"));
    }

    @Test
    void noWordMayMakeALivingFishImpossible() {
        long tank = Pelluna.tank("Long Wrasse");
        Pelluna.post("/tanks/" + tank + "/residents", Map.of("species", "Pseudocheilinus hexataenia", "lengthCm", "7"));
        HttpResponse<String> refused = Pelluna.post(
                "/tanks/" + tank + "/species/Pseudocheilinus-hexataenia/own/adult",
                Map.of("adultLengthCm.usual", "4", "adultLengthCm.record", "5"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).containsPattern(saidWith("catalogue.InTank", "name", "Long Wrasse"));
        assertThat(Pelluna.get("/tanks/" + tank + "/wish-list").statusCode()).isEqualTo(200);
    }

    @Test
    void aSpeciesOfOnesOwnLivesInTheTankAndCannotVanishFromUnderIt() {
        long tank = Pelluna.tank("Own Fish");
        HttpResponse<String> made = Pelluna.post(
                "/tanks/" + tank + "/own-species",
                Map.of("scientificName", "Gramma dejongi", "names", "golden gramma", "like", "Gramma loreto"));
        assertThat(made.body()).contains("Golden gramma").containsPattern(said("page.species.aSpeciesOfYourOwn"));
        assertThat(body("/tanks/" + tank + "/species?q=golden+gramma")).contains("Gramma dejongi");
        assertThat(Pelluna.post("/tanks/" + tank + "/wish-list", Map.of("species", "golden gramma"))
                        .body())
                .contains("Golden gramma");
        HttpResponse<String> refused = Pelluna.post("/tanks/" + tank + "/own-species/Gramma-dejongi/remove", Map.of());
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).contains("Own Fish");
        String wishes = body("/tanks/" + tank + "/wish-list");
        String wish = wishes.replaceFirst("(?s).*?/wish-list/(\\d+)/remove.*", "$1");
        Pelluna.post("/tanks/" + tank + "/wish-list/" + wish + "/remove", Map.of());
        assertThat(Pelluna.post("/tanks/" + tank + "/own-species/Gramma-dejongi/remove", Map.of())
                        .body())
                .doesNotContain("golden gramma");
        assertThat(Pelluna.get("/tanks/" + tank + "/species/Gramma-dejongi").statusCode())
                .isEqualTo(404);
    }

    @Test
    void aSpeciesThatIsThereOrLikeNobodyIsRefused() {
        assertThat(Pelluna.post(
                                "/tanks/1/own-species",
                                Map.of("scientificName", "Gramma loreto", "like", "Gramma loreto"))
                        .body())
                .containsPattern(said("app.overrides.AlreadyThere"));
        assertThat(Pelluna.post("/tanks/1/own-species", Map.of("scientificName", "Gramma dejongi", "like", "a whale"))
                        .body())
                .containsPattern(said("app.catalogue.LikeWhat"))
                .contains("value=\"Gramma dejongi\"");
    }

    @Test
    void twoOrThreeStandSideBySideAndAFourthTakesTheFirstPlace() {
        long tank = Pelluna.tank("Beside");
        String at = "/tanks/" + tank + "/side-by-side";
        assertThat(body(at)).containsPattern(said("page.sideBySide.twoOrThreeFishLaidSide"));
        for (String s :
                new String[] {"Gramma-loreto", "Pictichromis-paccagnellae", "Gramma-loreto", "Pseudochromis-fridmani"
                }) {
            Pelluna.post(at + "/" + s, Map.of());
        }
        assertThat(body(at))
                .containsPattern(said("page.speciesParts.sideBySide", ", 3"))
                .containsPattern(said("page.sideBySide.whereTheyDiffer"))
                .containsPattern(said("page.sideBySide.whereTheRulesPartThem"))
                .contains("Royal gramma")
                .contains("Orchid dottyback");
        assertThat(body("/tanks/" + tank + "/my-facts"))
                .as("every page counts them")
                .containsPattern(said("page.speciesParts.sideBySide", ", 3"));
        assertThat(Pelluna.post(at + "/Assessor-macneilli", Map.of()).body())
                .contains("Blue assessor")
                .doesNotContain("Gramma loreto")
                .doesNotContain("Royal gramma");
        assertThat(Pelluna.post(at + "/Assessor-macneilli", Map.of("act", "let-go"))
                        .body())
                .doesNotContain("Blue assessor");
    }

    @Test
    void aFileIsLookedAtBeforeAnythingIsWritten() {
        String csv = "scientificName,family,skill\nGramma loreto,Grammatidae,3\nZebrasoma flavescens,Acanthuridae,9\n";
        String look = Pelluna.post("/tanks/1/catalogue", Map.of("text", csv)).body();
        assertThat(look)
                .containsPattern(said("page.ownWord.row", 2, "Zebrasoma flavescens"))
                .containsPattern(said("page.ownWord.refused"))
                .containsPattern(saidWith("catalogue.Whole", Map.of("least", "1", "most", "4")))
                .containsPattern(saidWith("catalogue.FactName", "fact", "skill") + ": 1 of 4 → 3 of 4")
                .containsPattern(said("page.ownWord.rowsNewSpeciesFactsOtherwise"))
                .containsPattern(saidWith("page.ownWord.rowsNewSpeciesFactsOtherwise", "3", "1"))
                .doesNotContainPattern(said("catalogue.OwnFact"));
        assertThat(body("/tanks/1/my-facts")).containsPattern(said("page.ownWord.noneYetOnAFishsPage"));
        assertThat(Pelluna.post("/tanks/1/catalogue", Map.of("text", csv, "act", "take"))
                        .body())
                .contains("3 of 4")
                .containsPattern(said("page.catalogue.fromAFile"));
        HttpResponse<String> nothing = Pelluna.post("/tanks/1/catalogue", Map.of("text", "hello"));
        assertThat(nothing.statusCode()).isEqualTo(422);
        assertThat(nothing.body()).containsPattern(said("app.catalogue.NoHeader"));
    }

    @Test
    void whatIsTypedIsNeverMarkup() {
        assertThat(body("/tanks/1/species?q=%3Cscript%3Ealert(1)%3C/script%3E")).doesNotContain("<script>alert");
        Pelluna.post("/tanks/1/species/Gramma-loreto/own/skill", Map.of("skill", "2", "why", "<b>me</b>"));
        assertThat(body("/tanks/1/species/Gramma-loreto"))
                .contains("&lt;b&gt;me")
                .doesNotContain("<b>me</b>");
    }

    private static String upload(String path, String content, Map<String, String> fields) {
        String mark = "----pelluna";
        StringBuilder body = new StringBuilder();
        fields.forEach((name, value) -> body.append(
                "--" + mark + "\r\nContent-Disposition: form-data; name=\"" + name + "\"\r\n\r\n" + value + "\r\n"));
        if (!content.isEmpty()) {
            body.append("--" + mark
                    + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"c\"\r\nContent-Type: "
                    + "application/octet-stream\r\n\r\n"
                    + content + "\r\n");
        }
        body.append("--" + mark + "--\r\n");
        return Pelluna.send(java.net.http.HttpRequest.newBuilder(java.net.URI.create(Pelluna.url() + path))
                        .header("Content-Type", "multipart/form-data; boundary=" + mark)
                        .POST(java.net.http.HttpRequest.BodyPublishers.ofString(body.toString())))
                .body();
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "json"})
    void theWholeCatalogueComesBackInAsItWentOut(String format) {
        String file = Pelluna.get("/catalogue." + format).body();
        assertThat(upload("/tanks/1/catalogue", file, Map.of())).containsPattern(said("page.ownWord.everyRowIsAsItIs"));
        String other = file.replace(
                format.equals("csv") ? "bred," : "\"captiveBred\" : true",
                format.equals("csv") ? "wild only," : "\"captiveBred\" : false");
        assertThat(upload("/tanks/1/catalogue", other, Map.of()))
                .containsPattern(said("page.ownWord.rowsNewSpeciesFactsOtherwise"))
                .contains("captive: bred → wild only");
        assertThat(upload("/tanks/1/catalogue", "", Map.of("text", other, "act", "take")))
                .containsPattern(said("page.ownWord.factsYouSeeOtherwise"))
                .containsPattern(said("page.catalogue.fromAFile"));
        assertThat(body("/tanks/1/species/Amphiprion-ocellaris"))
                .containsPattern(said("page.species.comesFromTheWild"))
                .containsPattern(said("page.speciesParts.yourWordOn"));
    }

    @Test
    void aPlanOfMoreThanAMegabyteIsNoPlan() {
        assertThat(upload("/tanks/1/import-export", "{" + " ".repeat(1_100_000) + "}", Map.of()))
                .containsPattern(said("app.planfile.TooLarge"));
    }
}
