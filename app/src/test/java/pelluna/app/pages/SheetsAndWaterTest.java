package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.log.LogFigures;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.plan.TestFile;

/** Spreadsheets in and out, and tests of the water with their trend. */
class SheetsAndWaterTest {
    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Sheets");
    }

    private String look(String csv) {
        return look(csv, 200);
    }

    private String look(String csv, int status) {
        String body = "--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"log.csv\"\r\nContent-Type: "
                + "text/csv\r\n\r\n"
                + csv + "\r\n--b--\r\n";
        HttpResponse<String> answer =
                Pelluna.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + tank.at("/log/sheets")))
                        .header("Content-Type", "multipart/form-data; boundary=b")
                        .POST(HttpRequest.BodyPublishers.ofString(body)));
        assertThat(answer.statusCode()).isEqualTo(status);
        return answer.body();
    }

    @Test
    void testsAreLookedThroughFirstAndThenTakenWhole() {
        String csv = "On;Nitrate;pH\n5.1.2026;4,5;8,2\n2026-01-12;5;8.1\n";
        assertThat(look(csv))
                .containsPattern(said("page.sheets.allOfThemGood", 2, "TESTS"))
                .containsPattern(said("page.sheets.takeThemIn"));
        assertThat(Pelluna.bean(TankPlans.class).tests(Pelluna.owned(tank.id)))
                .as("nothing is written by looking")
                .isEmpty();
        assertThat(tank.post("/log/sheets/take", Map.of("text", csv)).body())
                .containsPattern(said("page.sheets.rowsWereTakenIn", "2"));
        assertThat(Pelluna.bean(TankPlans.class).tests(Pelluna.owned(tank.id)))
                .hasSize(2)
                .first()
                .isEqualTo(new TestFile(LocalDate.of(2026, 1, 5), null, null, 4.5, 8.2, null, null, null, null));
    }

    @Test
    void oneWrongRowIsNamedAndNothingIsHalfWritten() {
        String csv = "on,nitrate\n2026-01-05,4.5\n5/1/2026,5\n2026-01-19,plenty\n2026-01-26,9999\n";
        assertThat(look(csv))
                .containsPattern(said("page.sheets.ofThemWrong", 4, "TESTS", 3))
                .containsPattern(said("app.spreadsheet.NoDay"))
                .containsPattern(said("app.planning.NoFigureFor"))
                .containsPattern(said("app.spreadsheet.Needed"))
                .doesNotContain("/sheets/take");
        assertThat(tank.post("/log/sheets/take", Map.of("text", csv)).body())
                .containsPattern(said("app.spreadsheet.Wrong"));
        assertThat(Pelluna.bean(TankPlans.class).tests(Pelluna.owned(tank.id))).isEmpty();
    }

    @Test
    void sightingsFromASheet() {
        String csv = "at,who,did,whom,times,gravity,note\n2026-11-01 18:30,dottyback,chased,wrasse,3,2,by the "
                + "cave\n2026-11-01 18:40,wrasse,not-eating,,,,\n";
        assertThat(look(csv)).containsPattern(said("page.sheets.allOfThemGood", 2, "SIGHTINGS"));
        tank.post("/log/sheets/take", Map.of("text", csv));
        assertThat(Pelluna.get(tank.at("/log/sheets/sightings.csv")).body())
                .contains("2026-11-01T18:30,Springer's dottyback,chased,yellow wrasse,3,2")
                .contains("by the cave")
                .contains("not-eating");
        assertThat(look("at,who,did\n2026-11-01 "
                        + "18:30,tang,eats\n2026-11-02,dottyback,flew\n2999-01-01,dottyback,eats\n"))
                .containsPattern(said("sighting.NobodyGoesBy"))
                .containsPattern(said("app.log.WhatDidItDo"))
                .containsPattern(said("app.log.InTheFuture"));
    }

    @Test
    void aLogThatGoesOutComesInAgainAndWhatWasTakenBackStaysOut() {
        tank.post("/log/typed", Map.of("text", "dottyback chased cardinal x2; by the rock"));
        tank.post("/log/typed", Map.of("text", "clownfish spawned"));
        tank.post("/log/fish/" + tank.fish("Sphaeramia nematoptera") + "/count", Map.of("count", "4", "note", ""));
        tank.post("/log/feed", Map.of("what", "fed", "note", "mysis"));
        tank.post("/log/typed", Map.of("text", "dottyback nipped wrasse"));
        tank.post("/log/back", Map.of());
        String out = Pelluna.get(tank.at("/log/sheets/sightings.csv")).body();
        LogTank other = new LogTank("Log copied");
        assertThat(other.post("/log/sheets/take", Map.of("text", out)).body())
                .containsPattern(said("page.sheets.rowsWereTakenIn"));
        String again = Pelluna.get(other.at("/log/sheets/sightings.csv")).body();
        assertThat(again)
                .contains("chased,pyjama cardinal,2")
                .contains("by the rock")
                .contains("counted")
                .contains("fed")
                .doesNotContain("nipped");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "on,nitrate\n", "a,b\n1,2\n", "on,nitrate\n\"2026-01-05,1\n"})
    void whatIsNoTableIsSaid(String csv) {
        assertThat(look(csv, 422)).contains("role=\"alert\"");
    }

    @Test
    void everythingGoesOutAndAFormulaIsText() {
        tank.post("/log/sighting", Map.of("fish", "" + tank.boss(), "doing", "eats", "note", "=1+1"));
        for (String sheet : new String[] {"sightings", "watches", "measures", "fish", "tests", "probe"}) {
            HttpResponse<String> out = Pelluna.get(tank.at("/log/sheets/" + sheet + ".csv"));
            assertThat(out.statusCode()).isEqualTo(200);
            assertThat(out.headers().firstValue("Content-Type").orElse("")).startsWith("text/csv");
            assertThat(out.headers().firstValue("Content-Disposition").orElse(""))
                    .contains("attachment");
        }
        assertThat(Pelluna.get(tank.at("/log/sheets/sightings.csv")).body()).contains("'=1+1");
        assertThat(Pelluna.get(tank.at("/log/sheets/secrets.csv")).statusCode()).isEqualTo(404);
    }

    @Test
    void whatGoesOutComesInAgain() {
        assertThat(tank.post("/log/water", Map.of("on", "2026-02-01", "salinity", "-1"))
                        .statusCode())
                .isEqualTo(422);
        tank.post("/log/water", Map.of("on", "2026-02-01", "nitrate", "7", "phosphate", "0.05", "salinity", "1.026"));
        String out = Pelluna.get(tank.at("/log/sheets/tests.csv")).body();
        LogTank other = new LogTank("Copy");
        other.post("/log/sheets/take", Map.of("text", out));
        assertThat(Pelluna.bean(TankPlans.class).tests(Pelluna.owned(other.id)))
                .isEqualTo(Pelluna.bean(TankPlans.class).tests(Pelluna.owned(tank.id)));
    }

    @Test
    void aRisingFigureIsSaidWithTheWeekInWhichItMeetsItsCeiling() {
        for (int week = 6; week >= 0; week--) {
            tank.post(
                    "/log/water",
                    Map.of(
                            "on",
                            Pelluna.today().minusWeeks(week).toString(),
                            "nitrate",
                            Double.toString(10 - week + (week % 2) * 0.1)));
        }
        assertThat(tank.page("/log/water"))
                .containsPattern(said("water.Steadily"))
                .containsPattern(said("page.probe.atItsCeilingOfInAboutWeeks"));
        assertThat(tank.page("/today")).containsPattern(said("page.today.nitrateIs"));
    }

    @Test
    void phosphateAndTemperatureAreTestsToo() {
        tank.post("/log/water", Map.of("on", Pelluna.today().toString(), "phosphate", "0.08", "temperatureC", "25.2"));
        assertThat(tank.page("/log/water"))
                .containsPattern(said("page.probe.phosphate"))
                .contains("0.08")
                .contains("25.2 °C");
        assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .tank()
                        .phosphate())
                .hasValue(0.08);
        Pelluna.post("/settings/units", Map.of("units", "US"));
        tank.post("/log/water", Map.of("on", Pelluna.today().toString(), "temperatureC", "77"));
        assertThat(tank.page("/log/water")).contains("77 °F");
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        assertThat(tank.post("/log/water", Map.of("on", "2026-02-01", "nitrate", "-4"))
                        .body())
                .containsPattern(saidWith(
                        "app.planning.NotLogged",
                        "expected",
                        "" + saidWith("app.planfile.FieldNeeds", "field", "test_nitrate")));
    }

    @Test
    void signsSayWhatTheyMayMeanAndSendToAVet() {
        tank.post("/log/typed", Map.of("text", "wrasse has white spots"));
        assertThat(tank.page("/log/health"))
                .containsPattern(said("health.Meaning"))
                .containsPattern(said("health.AskAVet"))
                .containsPattern(said("units.Step.SURGE"));
        assertThat(tank.page("/today")).containsPattern(said("page.quarantine.hasSpots"));
    }

    @Test
    void mealsAreHeldAgainstWhatTheFishAskFor() {
        tank.post("/log/feed", Map.of("what", "fed", "note", "pellets", "x", "0.1", "y", "0.9"));
        tank.post("/log/feed", Map.of("what", "fed", "x", "0.12", "y", "0.9"));
        assertThat(tank.page("/log/health"))
                .containsPattern(
                        saidWith("page.health.inDaysADayAsLoggedYour", "0Cap", "" + said("page.health.meals2", 2)))
                .containsPattern(said("page.health.allOfItInPlaceTwoPlaces"));
        tank.post("/log/feed", Map.of("what", "fed", "x", "0.9", "y", "0.9"));
        assertThat(tank.page("/log/health")).containsPattern(said("page.health.givenAtPlacesApart"));
        assertThat(Pelluna.bean(LogFigures.class).last(Pelluna.owned(tank.id)).seen(tank.boss()))
                .isNull();
    }
}
