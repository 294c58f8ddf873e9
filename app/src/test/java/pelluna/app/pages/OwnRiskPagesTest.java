package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.fish.ComesIn;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.Pelluna;

/** A wish that is refused, taken all the same: from the click to hindsight. */
class OwnRiskPagesTest {
    private static final LocalDate TODAY = Pelluna.today();
    private long tank;

    @BeforeEach
    void aTankOfSurgeonfishAndAScopasTangWishedFor() {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        tank = Pelluna.tank("Surgery");
        Map<String, String> figures = new HashMap<>(
                Map.of("lengthCm", "183", "widthCm", "61", "waterHeightCm", "71", "rockKg", "60", "hides", "10"));
        figures.putAll(Map.of(
                "cycledOn",
                TODAY.minusYears(3).toString(),
                "quarantinePlaces",
                "2",
                "seaweed",
                "true",
                "cover",
                "mesh"));
        Pelluna.post(at("/tank"), figures);
        int months = 20;
        for (String lives : List.of(
                "Zebrasoma flavescens",
                "Zebrasoma xanthurum",
                "Zebrasoma xanthurum",
                "Acanthurus leucosternon",
                "Ctenochaetus strigosus")) {
            Pelluna.post(
                    at("/residents"),
                    Map.of(
                            "species",
                            lives,
                            "lengthCm",
                            "14",
                            "since",
                            TODAY.minusMonths(months--).toString()));
        }
        Pelluna.post(at("/wish-list"), Map.of("species", "scopas tang", "want", "5"));
    }

    private String at(String path) {
        return "/tanks/" + tank + path;
    }

    private String page(String path) {
        return Pelluna.get(at(path)).body();
    }

    private OpenTank opened() {
        return Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank));
    }

    private String take(String how) {
        return Pelluna.post(at("/wish-list/" + opened().wishes().get(0).id() + "/risk"), Map.of("how", how))
                .body();
    }

    private static String card(String page) {
        Matcher m = Pattern.compile(
                        "id=\"own-risk\">(.*?)" + said("page.wishes.oddsNotPromisesWhichWayIs"), Pattern.DOTALL)
                .matcher(page);
        assertThat(m.find()).isTrue();
        return m.group(1);
    }

    @Test
    void aRefusedWishShowsItsWaysBesideLeavingIt() {
        String card = card(page("/wish-list"));
        assertThat(card)
                .containsPattern(said("page.wishes.takeItAllTheSame"))
                .containsPattern(said("risk.NothingChanges"))
                .containsPattern(said("plan.Risk.BOX"))
                .containsPattern(said("page.arrivals.dealTheGroundAnewOut"))
                .containsPattern(said("page.wishes.theLeastBadWayOfTaking"))
                .containsPattern(saidWith("risk.TooFewPlaces", "hasWords", "" + said("words.number.2")))
                .containsPattern(said("page.wishes.whenToStop"))
                .containsPattern(said("risk.ThenToAKeeper"));
        assertThat(page("/arrivals")).containsPattern(said("page.arrivals.onceAWishCanLiveHere"));
    }

    @Test
    void oneClickPutsItIntoThePlanWithItsReasonsKeptAndOneTakesItOutAgain() {
        String taken = take("box-and-gate");
        assertThat(taken)
                .containsPattern(said("page.wishes.takenAtYourOwnRisk2"))
                .containsPattern(said("sieve.Presses"));
        assertThat(page("/arrivals")).contains("Scopas tang", "id=\"risk-link\"");
        assertThat(page("/log/introducing")).contains("Scopas tang");
        assertThat(page("/plan.json")).contains("\"risk\" : \"box-and-gate\"");
        assertThat(take("none")).containsPattern(said("sieve.Outcome.NOT_IN_THIS_TANK"));
        assertThat(page("/plan.json")).doesNotContain("\"risk\"");
    }

    @Test
    void dealingTheGroundAnewIsAStepOfThePlanWithDatesAndPlaces() {
        Pelluna.post(at("/tank"), Map.of("quarantinePlaces", "6"));
        take("ground-anew");
        assertThat(page("/arrivals"))
                .containsPattern(said("page.arrivals.theGroundDealtAnew"))
                .containsPattern(said("introduction.Method.GROUND_ANEW"))
                .containsPattern(said("page.arrivals.placesItTakesYouHave"));
        assertThat(page("/assessment.json")).contains("\"groundAnew\"", "\"atOwnRisk\" : \"ground-anew\"");
        assertThat(page("/arrivals/list")).containsPattern(said("page.arrivals.dealTheGroundAnewOut"));
        assertThat(page("/log/introducing"))
                .containsPattern(saidWith("introduction.ProtocolStep", "what", "RIVALS_OUT"));
    }

    @Test
    void hindsightCountsItAsWarnedAndDone() {
        take("box-and-gate");
        Pelluna.bean(ComesIn.class)
                .comes(Pelluna.owned(tank), opened().wishes().get(0).id());
        assertThat(page("/losses/predicted?scope=tank"))
                .containsPattern(said("page.prediction.warnedAndDone2", "1"))
                .containsPattern(said("sieve.Presses"))
                .containsPattern(said("page.prediction.nothingOfItSoFarAsFar"));
    }

    @Test
    void aWayThatThereIsNotIsRefused() {
        assertThat(Pelluna.post(at("/wish-list/" + opened().wishes().get(0).id() + "/risk"), Map.of("how", "somehow"))
                        .statusCode())
                .isEqualTo(404);
    }
}
