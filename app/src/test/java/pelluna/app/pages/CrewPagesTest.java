package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.crew.Crews;
import pelluna.app.losses.Deaths;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

class CrewPagesTest {
    private static final LocalDate TODAY = Pelluna.today();
    private static final String PAGE = "/losses/crew";

    private LogTank tank;

    @BeforeEach
    void fresh() {
        tank = new LogTank("Crew");
    }

    private Crews.Crew only() {
        List<Crews.Crew> all =
                Pelluna.bean(Crews.class).of(Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id)));
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    private long put(String kind, int count, int daysAgo) {
        tank.post(
                PAGE,
                Map.of(
                        "kind",
                        kind,
                        "name",
                        "",
                        "count",
                        "" + count,
                        "size",
                        "",
                        "price",
                        "2.50",
                        "on",
                        TODAY.minusDays(daysAgo).toString()));
        return only().id();
    }

    @Test
    void aKindIsPutDownAndCounted() {
        long snails = put("snails", 20, 100);
        String page = tank.post(
                        PAGE + "/" + snails + "/count", Map.of("count", "14", "added", "", "on", TODAY.toString()))
                .body();
        Crews.Crew c = only();
        assertThat(c.there()).isEqualTo(14);
        assertThat(c.attrition().lost()).isEqualTo(6);
        assertThat(page)
                .containsPattern(said("page.crew.goInAMonth"))
                .containsPattern(said("page.crew.keepingUpCostsAboutAYearAt"))
                .containsPattern(said("crew.Add"));
        assertThat(c.costAYear().orElseThrow()).isBetween(50.0, 75.0);
    }

    @Test
    void theWrasseIsSuspectedAndTheClownfishIsNot() {
        put("snails", 20, 30);
        assertThat(tank.page(PAGE)).containsPattern(said("crew.MayTake")).doesNotContain("lownfish: ");
    }

    @Test
    void whatCameInBetweenIsAddedOnTop() {
        long hermits = put("hermits", 10, 90);
        tank.post(
                PAGE + "/" + hermits + "/count",
                Map.of("count", "7", "added", "5", "on", TODAY.minusDays(30).toString()));
        assertThat(only().there()).isEqualTo(12);
        assertThat(tank.page(PAGE))
                .containsPattern(said("crew.NothingToBuy"))
                .containsPattern(saidWith("page.crew.seenAdded", Map.of("0", "7", "2", "[^<>\\d]*5")));
    }

    @Test
    void aLossOfTheCrewStandsInTheLedgerAndMakesACount() {
        long shrimp = put("cleaner-shrimp", 2, 60);
        assertThat(tank.page("/losses/new")).contains("crew=" + shrimp);
        assertThat(tank.page("/losses/new?crew=" + shrimp))
                .containsPattern(said("page.lossNew.howManyOf", "2"))
                .containsPattern(said("page.losses.goodbyeTo"))
                .doesNotContainPattern(said("page.fish.itIsLostOrFoundAnother"));
        String page = tank.post(
                        "/losses",
                        Map.of(
                                "crew",
                                "" + shrimp,
                                "count",
                                "1",
                                "how",
                                "lost",
                                "cause",
                                "eaten",
                                "sure",
                                "guess",
                                "by",
                                "" + tank.boss(),
                                "cost",
                                "24"))
                .body();
        assertThat(page)
                .containsPattern(said("losses.Cause.EATEN.means"))
                .containsPattern(said("losses.Sure.GUESS"))
                .doesNotContainPattern(said("page.loss.whatThePlanHadSaid"));
        assertThat(only().there()).isEqualTo(1);
        assertThat(Pelluna.bean(Deaths.class).of(List.of(Pelluna.owned(tank.id))))
                .singleElement()
                .satisfies(d -> {
                    assertThat(d.fish()).isNull();
                    assertThat(d.by()).isEqualTo(tank.boss());
                });
        String losses = tank.page("/losses");
        assertThat(losses)
                .containsPattern(said("losses.Cause.EATEN") + "</b>")
                .contains("24.00")
                .as("fish survive by themselves")
                .containsPattern(said("page.losses.noneLostSoFarFromSoMany"));
        tank.post(
                "/losses/"
                        + Pelluna.bean(Deaths.class)
                                .of(List.of(Pelluna.owned(tank.id)))
                                .get(0)
                                .id() + "/back",
                Map.of());
        assertThat(only().there()).isEqualTo(2);
    }

    @Test
    void numberToKeepSizeAndPriceAreTheKeepers() {
        long snails = put("snails", 20, 30);
        tank.post(PAGE + "/" + snails + "/keeps", Map.of("wanted", "30", "size", "2.4", "price", "3"));
        assertThat(only().wanted()).isEqualTo(30);
        assertThat(only().sizeCm()).isEqualTo(2.4);
        assertThat(only().price()).isEqualTo(3);
    }

    @Test
    void aKindNoLongerKeptIsNoLongerShown() {
        long snails = put("snails", 20, 30);
        tank.post(PAGE + "/" + snails + "/gone", Map.of());
        assertThat(Pelluna.bean(Crews.class).of(Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id))))
                .isEmpty();
        assertThat(tank.page(PAGE)).containsPattern(said("page.crew.nobodyIsCountedYet"));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThat(tank.post(PAGE, Map.of("kind", "snails", "count", "many")).body())
                .containsPattern(said("app.crew.NoWholeNumber"));
        assertThat(tank.post(PAGE, Map.of("kind", "lobsters", "count", "2")).body())
                .containsPattern(said("app.crew.WhichKind"));
        assertThat(tank.post(PAGE, Map.of("kind", "snails", "count", "2", "price", "cheap"))
                        .body())
                .containsPattern(said("app.shell.NoPrice"));
        assertThat(tank.post(
                                PAGE,
                                Map.of(
                                        "kind",
                                        "snails",
                                        "count",
                                        "2",
                                        "on",
                                        TODAY.plusDays(1).toString()))
                        .body())
                .containsPattern(said("app.crew.NotSoComing"));
        long snails = put("snails", 20, 30);
        assertThat(tank.post(
                                PAGE + "/" + snails + "/count",
                                Map.of("count", "3", "on", TODAY.minusDays(60).toString()))
                        .body())
                .containsPattern(said("app.crew.NotOnThatDay"));
        assertThat(tank.post(PAGE + "/" + snails + "/count", Map.of("count", "3", "on", "soon"))
                        .body())
                .containsPattern(said("app.limits.NoDay"));
        assertThat(tank.post(PAGE + "/999999/count", Map.of("count", "3")).statusCode())
                .isEqualTo(404);
        assertThat(only().there()).isEqualTo(20);
    }

    @Test
    void countsGoOutAsASheet() {
        long snails = put("snails", 20, 30);
        tank.post(
                PAGE + "/" + snails + "/count",
                Map.of("count", "17", "added", "2", "on", TODAY.toString(), "note", ""));
        assertThat(Pelluna.get(tank.at("/log/sheets/crew.csv")).body().lines().toList())
                .hasSize(3)
                .contains("kind,name,on,seen,added,note")
                .anyMatch(l -> l.matches("snails,[^,]+," + TODAY + ",17,2,"));
    }

    @Test
    void aLossOfADayBeforeTheLastCountIsSetOnThatCount() {
        long snails = put("snails", 20, 30);
        tank.post(
                PAGE + "/" + snails + "/count",
                Map.of("count", "18", "on", TODAY.minusDays(2).toString()));
        tank.post(
                "/losses",
                Map.of(
                        "crew",
                        "" + snails,
                        "count",
                        "3",
                        "how",
                        "lost",
                        "on",
                        TODAY.minusDays(9).toString()));
        assertThat(only().there()).isEqualTo(15);
        assertThat(only().lastOn()).isEqualTo(TODAY.minusDays(2));
        assertThat(tank.post("/losses", Map.of("crew", "" + snails, "count", "16", "how", "lost"))
                        .body())
                .containsPattern(said("app.crew.OnlySoMany"));
    }
}
