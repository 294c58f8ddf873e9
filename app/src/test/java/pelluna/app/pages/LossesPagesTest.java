package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.introduction.Interventions;
import pelluna.app.introduction.Introductions;
import pelluna.app.introduction.WaysIn;
import pelluna.app.limits.Steps;
import pelluna.app.log.LogDays;
import pelluna.app.log.LogSheets;
import pelluna.app.log.Observation;
import pelluna.app.losses.Deaths;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.behaviour.EventType;
import pelluna.core.introduction.Method;
import pelluna.core.introduction.SeeThroughBox;
import pelluna.core.livestock.Stage;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;
import pelluna.core.plan.Party;
import pelluna.core.plan.TestFile;

/** The ledger over HTTP: written down, put right, taken back; missing; what changes; survival and patterns. */
class LossesPagesTest {
    private static final LocalDate TODAY = Pelluna.today();
    private static final String PNG =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==";

    private LogTank tank;

    @BeforeEach
    void fresh() {
        tank = new LogTank("Losses");
    }

    private Fish fish(long number) {
        return Pelluna.bean(Individuals.class).one(Pelluna.owned(tank.id), number);
    }

    private List<Party> residents() {
        return Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id)).plan().residents();
    }

    private List<Deaths.Death> deaths() {
        return Pelluna.bean(Deaths.class).of(List.of(Pelluna.owned(tank.id)));
    }

    private HttpResponse<String> lost(long fish, Map<String, String> more) {
        Map<String, String> form = new HashMap<>(Map.of("fish", Long.toString(fish), "how", "lost"));
        form.putAll(more);
        return tank.post("/losses", form);
    }

    @Test
    void beforeAnythingHappensThePageSaysWhatItIsFor() {
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.nobodyIsInTheLedgerMayIt"))
                .containsPattern(said("page.losses.nobodyIsLostWhenItHappens"))
                .containsPattern(said("page.losses.inAFewTapsWhatKilled"))
                .containsPattern(said("page.losses.noneLostSoFarFromSoMany"));
    }

    @Test
    void aLossIsWrittenDownAndThePlanFollows() {
        String page = lost(
                        tank.wrasse(),
                        Map.of(
                                "cause",
                                "jumped",
                                "sure",
                                "seen",
                                "cost",
                                "35,50",
                                "seen",
                                "on the floor behind the stand"))
                .body();
        assertThat(page)
                .contains("on the floor behind the stand")
                .containsPattern(said("page.loss.whatChangesNow"))
                .containsPattern(said("losses.Cause.JUMPED"))
                .containsPattern(said("losses.Sure.SEEN"))
                .contains("35.50")
                .containsPattern(said("page.loss.itWasNotAskedBeforeThis"));
        assertThat(fish(tank.wrasse()).stage()).isEqualTo(Stage.GONE);
        assertThat(residents())
                .noneMatch(p -> p.species().scientificName().equals("Halichoeres chrysus"))
                .hasSize(3);
        assertThat(deaths()).singleElement().satisfies(d -> {
            assertThat(d.cause()).isEqualTo(Cause.JUMPED);
            assertThat(d.sure()).isEqualTo(Sure.SEEN);
            assertThat(d.on()).isEqualTo(TODAY);
        });
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.lostSoFar"))
                .containsPattern(said("page.losses.inAll"))
                .containsPattern(said("losses.Cause.JUMPED") + "</b>")
                .contains("35.50</span>");
        assertThat(tank.page("/log/fish/" + tank.wrasse()))
                .containsPattern(said("app.fish.Lost"))
                .contains("on the floor behind the stand")
                .containsPattern(said("page.fishList.noLongerHere"));
    }

    @Test
    void oneTapIsEnough() {
        assertThat(lost(tank.boss(), Map.of()).body())
                .containsPattern(said("losses.Cause.UNKNOWN"))
                .containsPattern(said("losses.Sure.GUESS"));
    }

    @Test
    void someOfAShoalAreLostAndTheRestStays() {
        long shoal = tank.fish("Sphaeramia nematoptera");
        assertThat(tank.page("/losses/new?whom=" + shoal))
                .containsPattern(said("page.lossNew.howManyOf", "4"))
                .containsPattern(said("page.lossNew.costInAllIfYouLike"));
        String page = lost(shoal, Map.of("count", "3", "cause", "disease", "sure", "likely"))
                .body();
        assertThat(page)
                .containsPattern(said("losses.Cause.DISEASE"))
                .containsPattern(said("losses.Sure.LIKELY"))
                .contains("3 × pyjama cardinal");
        assertThat(fish(shoal).count()).isEqualTo(1);
        assertThat(fish(shoal).stage()).isEqualTo(Stage.DISPLAY);
        assertThat(residents().get(3).count()).isEqualTo(1);
        assertThat(lost(shoal, Map.of("count", "2")).body()).containsPattern(said("app.losses.OnlySoMany"));
        lost(shoal, Map.of("count", "1"));
        assertThat(fish(shoal).stage()).isEqualTo(Stage.GONE);
        assertThat(residents()).hasSize(3);
    }

    @Test
    void aWidowedClownfishIsSaidToBeOne() {
        long pair = tank.fish("Amphiprion ocellaris");
        tank.post("/log/fish/" + pair + "/member", Map.of("name", "the large one", "role", "female"));
        long large = tank.fish().stream()
                .filter(f -> f.name().equals("the large one"))
                .findFirst()
                .orElseThrow()
                .id();
        String page = lost(large, Map.of("cause", "old-age")).body();
        assertThat(page).containsPattern(said("losses.OneOfThePair")).containsPattern(said("losses.SecondOneYounger"));
        assertThat(fish(large).stage()).isEqualTo(Stage.GONE);
        assertThat(fish(pair).count()).isEqualTo(1);
        assertThat(residents().get(2).count()).isEqualTo(1);
    }

    @Test
    void capacityThatComesFreeIsSaid() {
        assertThat(lost(tank.fish("Sphaeramia nematoptera"), Map.of("count", "4"))
                        .body())
                .containsPattern(said("page.loss.whatChangesNow") + "[\\s\\S]*(" + said("assessment.NitrateAt") + "|"
                        + said("assessment.RoomTakenTo") + ")");
    }

    @Test
    void aTestOfTheWaterRemembersWhoWasThereSoThatFewerFishMeanLessNitrate() {
        Pelluna.bean(TankPlans.class)
                .test(
                        Pelluna.owned(tank.id),
                        new TestFile(TODAY.minusDays(2), null, null, 12.0, null, null, null, null, null));
        assertThat(Pelluna.get(tank.at("/plan.json")).body()).contains("\"feed\"");
        String page =
                lost(tank.fish("Amphiprion ocellaris"), Map.of("count", "2")).body();
        Matcher m = saidWith("assessment.NitrateAt", Map.of("after1", "([\\d.]+)", "before1", "([\\d.]+)"))
                .matcher(page);
        assertThat(m.find()).isTrue();
        assertThat(Double.parseDouble(m.group(1))).isLessThan(Double.parseDouble(m.group(2)));
    }

    @Test
    void rehomedAndGivenBackAreNoLosses() {
        assertThat(lost(tank.boss(), Map.of("how", "rehomed", "seen", "to a larger tank"))
                        .body())
                .containsPattern(said("page.losses.onThatIsNoLoss"))
                .containsPattern(said("losses.Left.REHOMED"))
                .doesNotContainPattern(said("page.losses.lostOnItHadAPlaceHere"));
        lost(tank.wrasse(), Map.of("how", "traded-in"));
        assertThat(deaths()).isEmpty();
        assertThat(Pelluna.bean(Deaths.class).elsewhere(List.of(Pelluna.owned(tank.id))))
                .extracting(Deaths.Elsewhere::how)
                .containsExactlyInAnyOrder(Left.REHOMED, Left.TRADED_IN);
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.foundAnotherHomeNoLosses"))
                .containsPattern(said("page.losses.noneLostSoFarFromSoMany"));
        assertThat(residents()).hasSize(2);
    }

    @Test
    void whatCannotBeIsRefusedInASentence() {
        long wrasse = tank.wrasse();
        assertThat(lost(wrasse, Map.of("on", TODAY.plusDays(1).toString())).body())
                .containsPattern(said("app.losses.StillToCome"))
                .containsPattern(said("page.losses.goodbyeTo"));
        assertThat(lost(wrasse, Map.of("on", TODAY.minusDays(201).toString())).body())
                .containsPattern(said("app.losses.BeforeItCame"));
        assertThat(lost(wrasse, Map.of("cost", "a lot")).body()).containsPattern(said("app.shell.NoPrice"));
        assertThat(lost(wrasse, Map.of("count", "0")).body()).containsPattern(said("app.losses.HowMany"));
        assertThat(lost(wrasse, Map.of("on", "yesterday")).body()).containsPattern(said("app.limits.NoDay"));
        assertThat(deaths()).isEmpty();
        assertThat(lost(999_999_999, Map.of()).statusCode()).isEqualTo(404);
        lost(wrasse, Map.of());
        assertThat(lost(wrasse, Map.of()).body()).containsPattern(said("app.losses.InTheLedger"));
        assertThat(deaths()).hasSize(1);
    }

    @Test
    void missingEndsInFoundOrInLost() {
        long wrasse = tank.wrasse();
        tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "missing"));
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.isMissingNotSeenAndNot"))
                .containsPattern(said("page.losses.givenUp"))
                .containsPattern(said("page.losses.found"));
        assertThat(tank.page("/losses"))
                .as("missing is no loss")
                .containsPattern(said("page.losses.noneLostSoFarFromSoMany"));
        assertThat(tank.page("/today")).containsPattern(said("page.today.foundOrGivenUp"));
        tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "found"));
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.DISPLAY);
        assertThat(tank.page("/losses")).doesNotContainPattern(said("page.losses.isMissingNotSeenAndNot"));
        tank.post("/log/fish/" + wrasse + "/is", Map.of("what", "missing"));
        lost(wrasse, Map.of("cause", "unknown"));
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.GONE);
        assertThat(tank.page("/losses"))
                .doesNotContainPattern(said("page.losses.isMissingNotSeenAndNot"))
                .containsPattern(said("page.losses.lostSoFar"));
        assertThat(residents()).hasSize(3);
    }

    @Test
    void someOfAShoalThatAreMissingCountAsMissingAndNotTwice() {
        long shoal = tank.fish("Sphaeramia nematoptera");
        tank.post("/log/fish/" + shoal + "/count", Map.of("count", "2", "note", "two not seen"));
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.since"))
                .contains("2 × pyjama cardinal");
        assertThat(tank.page("/losses/new?whom=" + shoal)).containsPattern(said("page.lossNew.howManyOf", "4"));
        lost(shoal, Map.of("count", "1", "cause", "jumped"));
        assertThat(fish(shoal).count())
                .as("the missing one is given up, the two stay")
                .isEqualTo(2);
        assertThat(tank.page("/losses")).containsPattern(said("page.losses.since"));
    }

    @Test
    void otherWordsTakeThePlaceOfTheFirstAndBothAreKept() {
        lost(tank.wrasse(), Map.of("cause", "unknown"));
        long first = deaths().get(0).id();
        String page = tank.post(
                        "/losses/" + first + "/right",
                        Map.of(
                                "cause",
                                "killed",
                                "sure",
                                "likely",
                                "by",
                                Long.toString(tank.boss()),
                                "on",
                                TODAY.minusDays(1).toString(),
                                "seen",
                                "fins in shreds",
                                "cost",
                                "35"))
                .body();
        assertThat(page).containsPattern(said("losses.Cause.KILLED")).contains("likely", "fins in shreds");
        assertThat(deaths()).singleElement().satisfies(d -> {
            assertThat(d.cause()).isEqualTo(Cause.KILLED);
            assertThat(d.by()).isEqualTo(tank.boss());
            assertThat(d.on()).isEqualTo(TODAY.minusDays(1));
        });
        assertThat(Pelluna.get(tank.at("/losses/" + first)).uri().getPath())
                .as("the old address leads on")
                .endsWith("/losses/" + deaths().get(0).id());
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.putRightOrTakenBack"))
                .containsPattern(said("page.losses.lostSoFar"));
    }

    @Test
    void aSlipIsTakenBackAndItIsAsItWas() {
        long wrasse = tank.wrasse();
        List<Party> before = residents();
        lost(wrasse, Map.of());
        tank.post("/losses/" + deaths().get(0).id() + "/back", Map.of());
        assertThat(deaths()).isEmpty();
        assertThat(fish(wrasse).stage()).isEqualTo(Stage.DISPLAY);
        assertThat(residents())
                .extracting(p -> p.species().scientificName())
                .containsExactlyInAnyOrderElementsOf(
                        before.stream().map(p -> p.species().scientificName()).toList());
        assertThat(tank.fish()).as("the same fish, not another").hasSize(4);
        long shoal = tank.fish("Sphaeramia nematoptera");
        lost(shoal, Map.of("count", "2"));
        tank.post("/losses/" + deaths().get(0).id() + "/back", Map.of());
        assertThat(fish(shoal).count()).isEqualTo(4);
    }

    @Test
    void theLogStandsBesideItAndALikelyCauseIsOfferedNotChosen() {
        for (int i = 0; i < 4; i++) {
            tank.act("nipped", tank.boss(), tank.wrasse(), Pelluna.now().minus(Duration.ofHours(20 + i)), "n" + i);
        }
        tank.act("torn-fin", tank.wrasse(), null, Pelluna.now().minus(Duration.ofHours(9)), "t");
        String form = tank.page("/losses/new?whom=" + tank.wrasse());
        assertThat(form)
                .containsPattern(said("page.lossNew.theLogWouldFit"))
                .containsPattern(said("losses.Cause.KILLED"))
                .containsPattern(said("losses.Acts"))
                .containsPattern(said("losses.HurtNoted"))
                .containsPattern(said("page.lossNew.theLogsLastWords"))
                .containsPattern(said("behaviour.EventType.TORN_FIN"));
        assertThat(form).as("nothing is chosen for the keeper").doesNotContainPattern("name=\"cause\"[^>]*checked");
        String page =
                lost(tank.wrasse(), Map.of("cause", "disease", "sure", "guess")).body();
        assertThat(page)
                .containsPattern(saidWith("page.losses.theLogWouldHaveFitBest", "0", "" + said("losses.Cause.KILLED")));
    }

    @Test
    void afterIllnessNobodyNewForThirtyDays() {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        String page = lost(tank.wrasse(), Map.of("cause", "disease", "sure", "likely"))
                .body();
        assertThat(page)
                .containsPattern(said("page.loss.afterIllness"))
                .containsPattern(said("page.today.nobodyNewUntil"))
                .containsPattern(said("page.loss.nobodyNewUntilIfNoSign"))
                .containsPattern(said("page.restock.commonPractice"))
                .containsPattern(saidWith("page.loss.ifAllFishLeaveTheTank", "0", "76"))
                .containsPattern(said("page.loss.exposed"))
                .containsPattern(said("page.loss.whichIllnessItWasAndWhat"));
        assertThat(tank.page("/today")).containsPattern(said("page.today.nobodyNewUntil"));
        String until = TODAY.plusDays(30).toString();
        tank.post(
                "/losses/wait",
                Map.of("until", until, "back", Long.toString(deaths().get(0).id())));
        assertThat(Pelluna.bean(TankPlans.class).file(Pelluna.owned(tank.id)).startOn())
                .hasToString(until);
        tank.act("spots", tank.boss(), null, Pelluna.now(), "sp");
        assertThat(tank.page("/losses/" + deaths().get(0).id())).containsPattern(said("page.loss.theLastSignOrLossIs"));
    }

    @Test
    void anOutbreakIsOverThirtyDaysAfterItsLastSign() {
        long shoal = tank.fish("Sphaeramia nematoptera");
        lost(
                shoal,
                Map.of(
                        "count",
                        "1",
                        "cause",
                        "disease",
                        "on",
                        TODAY.minusDays(40).toString()));
        assertThat(tank.page("/losses/" + deaths().get(0).id()))
                .containsPattern(said("page.loss.thirtyDaysWithoutASignAre"));
        assertThat(tank.page("/today")).doesNotContainPattern(said("page.today.nobodyNewUntil"));
        tank.act("spots", tank.boss(), null, Pelluna.now().minus(Duration.ofDays(20)), "sp");
        assertThat(tank.page("/today")).containsPattern(said("page.today.nobodyNewUntil"));
    }

    @Test
    void aPictureIsKeptWithALoss() {
        HttpResponse<String> page = Pelluna.upload(
                tank.at("/losses"),
                Map.of("fish", Long.toString(tank.wrasse()), "how", "lost"),
                "picture",
                Base64.getDecoder().decode(PNG));
        assertThat(page.body()).contains("/picture\"");
        assertThat(Pelluna.get(tank.at("/losses/" + deaths().get(0).id() + "/picture"))
                        .headers()
                        .firstValue("Content-Type"))
                .contains("image/png");
    }

    @Test
    void fromBeforePellunaCountsInSurvivalAndTouchesNoPlan() {
        List<Party> before = residents();
        for (int i = 0; i < 2; i++) {
            tank.post(
                    "/losses/before",
                    Map.of(
                            "species",
                            "firefish",
                            "count",
                            "1",
                            "came",
                            TODAY.minusDays(400 + i).toString(),
                            "on",
                            TODAY.minusDays(390).toString(),
                            "cause",
                            "jumped",
                            "sure",
                            "seen",
                            "cost",
                            "28"));
        }
        assertThat(residents()).hasSameSizeAs(before);
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.lostOf"))
                .containsPattern(said("page.losses.inAll"))
                .contains("56.00</span>")
                .containsPattern(said("losses.Cause.JUMPED") + "</b>");
        assertThat(tank.page("/losses"))
                .as("nobody has said whether there was a cover")
                .doesNotContainPattern(saidWith("losses.SoMany", "what", "JUMPED_WITHOUT_COVER"));
        assertThat(tank.post(
                                "/losses/before",
                                Map.of(
                                        "species",
                                        "no such fish",
                                        "came",
                                        TODAY.minusDays(9).toString(),
                                        "on",
                                        TODAY.minusDays(2).toString()))
                        .body())
                .containsPattern(said("app.losses.WhichOf"));
        assertThat(tank.post(
                                "/losses/before",
                                Map.of(
                                        "species",
                                        "firefish",
                                        "came",
                                        TODAY.minusDays(2).toString(),
                                        "on",
                                        TODAY.minusDays(9).toString()))
                        .body())
                .containsPattern(said("app.losses.OutOfOrder"));
    }

    @Test
    void jumpersUnderAnOpenTopMakeAPattern() {
        tank.post("/tank", Map.of("cover", "none"));
        lost(tank.wrasse(), Map.of("cause", "jumped"));
        lost(tank.boss(), Map.of("cause", "jumped"));
        assertThat(tank.page("/losses")).containsPattern(said("losses.RuleOf")).containsPattern(said("losses.SoMany"));
    }

    @Test
    void whereAFishComesFromPartsTheSurvival() {
        tank.post(
                "/log/fish/" + tank.wrasse() + "/bought",
                Map.of(
                        "shop",
                        "the harbour shop",
                        "bred",
                        "false",
                        "school",
                        "none",
                        "price",
                        "35",
                        "acquired",
                        TODAY.minusDays(200).toString()));
        tank.post(
                "/log/fish/" + tank.boss() + "/bought",
                Map.of(
                        "shop",
                        "a breeder",
                        "bred",
                        "true",
                        "school",
                        "thirty-days-watch",
                        "price",
                        "40",
                        "acquired",
                        TODAY.minusDays(230).toString()));
        lost(tank.wrasse(), Map.of("cause", "disease"));
        assertThat(tank.page("/losses?by=shop"))
                .containsPattern(said("page.losses.notSaid"))
                .contains("The harbour shop", "A breeder");
        assertThat(tank.page("/losses?by=origin"))
                .containsPattern(said("page.losses.wild"))
                .containsPattern(said("page.losses.captiveBred"));
        assertThat(tank.page("/losses?by=quarantine"))
                .containsPattern(said("tank.QuarantineSchool.NONE"))
                .containsPattern(said("tank.QuarantineSchool.THIRTY_DAYS_WATCH"));
        assertThat(tank.page("/losses?by=nonsense")).contains("survival-rows");
        assertThat(tank.page("/losses/new?whom=" + tank.boss())).contains("value=\"40\"");
    }

    @Test
    void allMyTanksTogether() {
        LogTank other = new LogTank("Losses elsewhere");
        other.post("/losses", Map.of("fish", Long.toString(other.wrasse()), "cause", "jumped"));
        assertThat(tank.page("/losses")).containsPattern(said("page.losses.nobodyIsInTheLedgerMayIt"));
        assertThat(tank.page("/losses?scope=all")).contains("Losses elsewhere", "/tanks/" + other.id + "/losses/");
    }

    @Test
    void whoWaitsInQuarantineIsLostFromThere() {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        tank.post("/tank", Map.of("quarantinePlaces", "1"));
        String quarantine = tank.page("/arrivals/quarantine");
        String fish = quarantine.replaceAll("(?s).*?name=\"fish\"[^>]*>.*?<option value=\"(\\w*\\d+)\".*", "$1");
        tank.post(
                "/arrivals/quarantine",
                Map.of("fish", fish, "place", "1", "on", TODAY.minusDays(12).toString()));
        String stay = tank.page("/arrivals/quarantine").replaceAll("(?s).*losses/new\\?stay=(\\d+).*", "$1");
        assertThat(tank.page("/losses/new?stay=" + stay))
                .containsPattern(saidWith("page.losses.goodbyeTo", "0", "[^<>]*royal gramma"));
        String page = tank.post("/losses", Map.of("stay", stay, "cause", "quarantine", "sure", "seen", "how", "lost"))
                .body();
        assertThat(page)
                .containsPattern(said("page.losses.itStoodInNoPlanYetIts"))
                .containsPattern(said("losses.Cause.QUARANTINE"))
                .containsPattern(said("losses.Sure.SEEN"))
                .doesNotContainPattern(said("page.loss.afterIllness"));
        assertThat(deaths())
                .singleElement()
                .satisfies(d -> assertThat(fish(d.fish()).cameOn()).isNull());
        assertThat(tank.page("/losses"))
                .containsPattern(said("page.losses.itDidNotComeAsFarAs"))
                .containsPattern(saidWith("page.losses.after", "0", "" + said("page.losses.days", 12)));
        assertThat(residents()).hasSize(4);
    }

    @Test
    void noOtherKeepersTankAnswers() {
        assertThat(Pelluna.get("/tanks/999999/losses").statusCode()).isEqualTo(404);
        assertThat(Pelluna.get(tank.at("/losses/999999")).statusCode()).isEqualTo(404);
        assertThat(Pelluna.get(tank.at("/losses/999999/picture")).statusCode()).isEqualTo(404);
        assertThat(Pelluna.get(tank.at("/losses/new?whom=999999")).statusCode()).isEqualTo(404);
    }

    @Test
    void theLedgerGoesOutAsASheet() {
        tank.post(
                "/log/fish/" + tank.wrasse() + "/bought",
                Map.of(
                        "shop",
                        "the harbour shop",
                        "bred",
                        "false",
                        "school",
                        "none",
                        "price",
                        "35",
                        "acquired",
                        TODAY.minusDays(210).toString()));
        lost(
                tank.wrasse(),
                Map.of(
                        "cause",
                        "killed",
                        "sure",
                        "likely",
                        "by",
                        Long.toString(tank.boss()),
                        "seen",
                        "in the corner, pale",
                        "cost",
                        "35"));
        List<String> lines =
                Pelluna.get(tank.at("/log/sheets/losses.csv")).body().lines().toList();
        assertThat(lines).hasSize(2);
        assertThat(lines.get(1))
                .startsWith(TODAY + "," + tank.wrasse() + ",Halichoeres chrysus,,1,lost,killed,likely,")
                .contains(
                        "\"in the corner, pale\",35",
                        TODAY.minusDays(210) + "," + TODAY.minusDays(200) + ",the harbour shop,false,none");
    }

    @Test
    void someThatAreFoundAgainAreInTheirGroupAgain() {
        long shoal = tank.fish("Sphaeramia nematoptera");
        tank.post("/log/fish/" + shoal + "/count", Map.of("count", "1", "note", ""));
        assertThat(tank.page("/log/fish/" + shoal)).containsPattern(said("page.fish.found"));
        tank.post("/log/fish/" + shoal + "/is", Map.of("what", "found"));
        assertThat(fish(shoal).count()).isEqualTo(4);
        assertThat(tank.page("/losses"))
                .doesNotContainPattern(said("page.losses.isMissingNotSeenAndNot"))
                .containsPattern(said("page.losses.noneLostSoFarFromSoMany"));
    }

    @Test
    void whoWaitsInTheBoxIsLostFromThereAndItsWishStays() {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        Pelluna.bean(WaysIn.class)
                .begin(
                        Pelluna.owned(tank.id),
                        Pelluna.fish(tank.id, "w#0"),
                        Method.BOX_DAYS,
                        new SeeThroughBox(32, 18, 22));
        long gramma = tank.fish("Gramma loreto");
        assertThat(tank.page("/log/introducing")).contains("oyal gramma");
        assertThat(tank.page("/losses/new")).containsPattern(said("page.losses.inTheBox"));
        assertThat(lost(gramma, Map.of("cause", "killed", "by", Long.toString(tank.boss())))
                        .body())
                .containsPattern(said("page.losses.itStoodInNoPlanYetIts"));
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .wishes())
                .hasSize(1);
        assertThat(residents()).hasSize(4);
        assertThat(tank.page("/log/introducing"))
                .doesNotContainPattern(said("page.introduction.outOfTheBoxIntoTheTank"));
        assertThat(tank.page("/today")).doesNotContainPattern(said("page.today.watchTheBoxOfForTenMinutes"));
        assertThat(tank.page("/log")).containsPattern(said("page.loss.whatWasSeen"));
        tank.post("/losses/" + deaths().get(0).id() + "/back", Map.of());
        assertThat(fish(gramma).stage()).as("in the box again").isEqualTo(Stage.BOX);
        assertThat(Pelluna.bean(Introductions.class)
                        .coming(Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id))))
                .singleElement()
                .satisfies(c -> assertThat(c.inTheBox()).isTrue());
    }

    @Test
    void whoIsOnATimeOutIsLostFromThere() {
        tank.post(
                "/log/measures",
                Map.of("measure", "time-out", "forFish", "" + tank.wrasse(), "byFish", "" + tank.boss()));
        long boss = tank.boss();
        assertThat(fish(boss).stage()).isEqualTo(Stage.TIME_OUT);
        lost(boss, Map.of("cause", "jumped"));
        assertThat(fish(boss).stage()).isEqualTo(Stage.GONE);
        assertThat(residents()).hasSize(3);
        assertThat(Pelluna.bean(Interventions.class).told(Pelluna.owned(tank.id), tank.wrasse()))
                .singleElement()
                .satisfies(m -> assertThat(m.running()).isFalse());
        assertThat(tank.page("/log/bullied/" + tank.wrasse())).contains("</html>");
    }

    @Test
    void oneMemberIsOneAndNobodyIsAskedFor() {
        long pair = tank.fish("Amphiprion ocellaris");
        tank.post("/log/fish/" + pair + "/member", Map.of("name", "the large one", "role", "female"));
        long large = tank.fish().stream()
                .filter(f -> f.name().equals("the large one"))
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(lost(large, Map.of("count", "2")).body()).containsPattern(said("app.losses.IsOne"));
        assertThat(fish(pair).count()).isEqualTo(2);
        assertThat(tank.post("/losses", Map.of("how", "lost")).body()).containsPattern(said("page.losses.whoIsIt"));
        assertThat(deaths()).isEmpty();
    }

    @Test
    void aDayBeforeItCameIsRefusedLaterToo() {
        lost(tank.wrasse(), Map.of());
        assertThat(tank.post(
                                "/losses/" + deaths().get(0).id() + "/right",
                                Map.of("on", TODAY.minusDays(300).toString()))
                        .body())
                .containsPattern(said("app.losses.BeforeItCame"));
        assertThat(deaths()).singleElement().satisfies(d -> assertThat(d.on()).isEqualTo(TODAY));
    }

    @Test
    void oneFromBeforeThatIsTakenBackNeverWas() {
        Map<String, String> firefish = new HashMap<>(Map.of(
                "species",
                "firefish",
                "count",
                "2",
                "came",
                TODAY.minusDays(400).toString(),
                "on",
                TODAY.minusDays(390).toString(),
                "cause",
                "jumped"));
        tank.post("/losses/before", firefish);
        assertThat(tank.page("/losses")).containsPattern(said("page.losses.lostOf"));
        long number = tank.fish("Nemateleotris magnifica");
        assertThat(tank.post("/losses/" + deaths().get(0).id() + "/back", Map.of())
                        .body())
                .containsPattern(said("page.losses.noneLostSoFarFromSoMany"));
        assertThat(fish(number).stage()).as("it does not swim here").isEqualTo(Stage.GONE);
        assertThat(residents()).hasSize(4);
        firefish.put("count", "300");
        assertThat(tank.post("/losses/before", firefish).body()).containsPattern(said("app.losses.TooManyTogether"));
        firefish.put("count", "9999");
        assertThat(tank.post("/losses/before", firefish).body()).containsPattern(said("app.losses.HowMany"));
    }

    @Test
    void aSignCountsHoweverMuchElseTheLogHas() {
        long shoal = tank.fish("Sphaeramia nematoptera");
        lost(
                shoal,
                Map.of(
                        "count",
                        "1",
                        "cause",
                        "disease",
                        "on",
                        TODAY.minusDays(40).toString()));
        List<Observation> lines = new ArrayList<>();
        for (int i = 0; i < LogDays.MOST; i++) {
            lines.add(Observation.of(
                    Pelluna.now().minus(Duration.ofDays(39)).plusSeconds(i), EventType.HIDES, tank.wrasse()));
        }
        Pelluna.bean(LogSheets.class).write(Pelluna.owned(tank.id), lines, Steps.UNSEEN);
        assertThat(tank.page("/today")).doesNotContainPattern(said("page.today.nobodyNewUntil"));
        tank.act("fast-breath", tank.boss(), null, Pelluna.now().minus(Duration.ofDays(20)), "fb");
        assertThat(tank.page("/today")).containsPattern(said("page.today.nobodyNewUntil"));
    }
}
