package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.introduction.Interventions;
import pelluna.app.limits.Steps;
import pelluna.app.log.LogDays;
import pelluna.app.log.LogSheets;
import pelluna.app.log.Observation;
import pelluna.app.planning.TankPlans;
import pelluna.app.probe.Probes;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.behaviour.EventType;
import pelluna.core.introduction.Intervention;
import pelluna.core.plan.TestFile;

class IncidentPagesTest {
    private static final LocalDate TODAY = Pelluna.today();
    private static final String BASE = "/losses/incidents";

    private LogTank tank;

    @BeforeEach
    void fresh() {
        tank = new LogTank("Incidents");
    }

    private static String path(HttpResponse<String> answer) {
        return answer.uri().getPath();
    }

    @Test
    void aLossIsLookedBackOnAndTwiceIsOnce() {
        tank.act("spots", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(5)), "s");
        tank.act("fast-breath", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(2)), "b");
        String loss = path(tank.post(
                        "/losses",
                        Map.of(
                                "fish",
                                "" + tank.wrasse(),
                                "how",
                                "lost",
                                "cause",
                                "disease",
                                "sure",
                                "likely",
                                "seen",
                                "pale")))
                .replaceAll(".*/", "");
        HttpResponse<String> first = tank.post(BASE, Map.of("loss", loss));
        assertThat(first.body())
                .containsPattern(said("losses.IncidentKind.OUTBREAK"))
                .containsPattern(said("page.incident.daysBefore"))
                .containsPattern(said("page.incident.daysBefore"))
                .containsPattern(said("losses.NotTested"))
                .containsPattern(said("losses.NoProbe"))
                .containsPattern(said("losses.NobodyWatched"))
                .containsPattern(said("losses.NobodyNew"))
                .containsPattern(said("losses.Cause.DISEASE"))
                .containsPattern(said("losses.FirstSign"))
                .containsPattern(said("page.incident.theDay"))
                .containsPattern(said("losses.Sure.LIKELY"))
                .contains("· pale");
        assertThat(path(tank.post(BASE, Map.of("loss", loss)))).isEqualTo(path(first));
        assertThat(tank.page(BASE))
                .containsPattern(
                        saidWith("page.incident.andWhatWasLearnt", "0Cap", "" + said("page.incident.incidents", 1)))
                .containsPattern(said("page.incidents.noLessonIsWrittenDownYet"));
    }

    @Test
    void everythingOfTheDaysStandsOnOneLineOfTime() {
        Instant then = Pelluna.now().minus(Duration.ofDays(3));
        Pelluna.bean(Probes.class).simulatePast(Pelluna.owned(tank.id), 2);
        tank.watched(Duration.ofDays(3), 30, 4);
        Pelluna.bean(Interventions.class)
                .recorded(
                        Pelluna.owned(tank.id),
                        Intervention.MIRROR,
                        tank.wrasse(),
                        tank.boss(),
                        then,
                        Pelluna.now().minus(Duration.ofDays(1)),
                        "left pane");
        tank.post(
                "/residents",
                Map.of(
                        "species",
                        "Salarias fasciatus",
                        "count",
                        "1",
                        "lengthCm",
                        "8",
                        "since",
                        TODAY.minusDays(4).toString()));
        tank.act("hides", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(2)), "h");
        tank.post("/losses", Map.of("fish", "" + tank.boss(), "how", "rehomed", "on", TODAY.toString()));
        String page = tank.post(
                        BASE, Map.of("title", "The fight at the mirror", "kind", "fight", "on", TODAY.toString()))
                .body();
        assertThat(page)
                .containsPattern(said("page.incident.cameIntoTheTank"))
                .containsPattern(said("page.incident.contest"))
                .containsPattern(said("losses.Left.REHOMED"))
                .contains("mirror", "left pane")
                .containsPattern(said("behaviour.EventType.HIDES"))
                .containsPattern(said("page.incident.probe"))
                .contains("mark-arrivals", "mark-contests", "mark-done", "mark-probe", "mark-signs");
        assertThat(page).containsPattern(said("losses.NewFish"));
        assertThat(page).containsPattern(said("losses.ProbeBetween"));
    }

    @Test
    void testsOfTheWaterAreInIt() {
        TestFile test = new TestFile(TODAY.minusDays(1), 0.3, null, 8.0, null, null, null, null, null);
        Pelluna.bean(TankPlans.class).test(Pelluna.owned(tank.id), test);
        String page = tank.post(BASE, Map.of("title", "A crash", "kind", "crash", "on", TODAY.toString()))
                .body();
        assertThat(page)
                .containsPattern(said("losses.WentUp"))
                .containsPattern(said("page.incident.test"))
                .contains("mark-tests");
    }

    @Test
    void theKeepersWordsAreKeptAndStandInTheFileToShow() {
        String at = path(tank.post(
                BASE,
                Map.of(
                        "title",
                        "A <b>crash</b>",
                        "kind",
                        "crash",
                        "on",
                        TODAY.minusDays(2).toString())));
        Pelluna.post(at + "/told", Map.of("what", "The heater stuck.\nFor a night.", "lesson", "Two small heaters."));
        assertThat(Pelluna.get(at).body())
                .contains("The heater stuck.", "Two small heaters.")
                .contains("A &lt;b&gt;crash");
        HttpResponse<String> file = Pelluna.get(at + "/page.html");
        assertThat(file.headers().firstValue("Content-Disposition").orElse(""))
                .contains("attachment")
                .contains(".html");
        assertThat(file.body())
                .containsPattern(said("page.incidentParts.whatStandsOut"))
                .contains("<title>A &lt;b&gt;crash", "The heater stuck.", "Two small heaters.", "<style>")
                .doesNotContain("<script", "href=", "src=");
        assertThat(tank.page(BASE)).contains("Two small heaters.");
        assertThat(Pelluna.post(at + "/told", Map.of("what", "x".repeat(2001), "lesson", ""))
                        .body())
                .containsPattern(said("app.limits.TooLong"));
    }

    @Test
    void nameKindAndDaysCanBeOthers() {
        String at = path(tank.post(
                BASE,
                Map.of(
                        "title",
                        "Something",
                        "kind",
                        "loss",
                        "on",
                        TODAY.minusDays(10).toString())));
        tank.act("wound", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(40)), "w");
        assertThat(Pelluna.get(at).body()).doesNotContain("has a wound");
        Map<String, String> form = Map.of(
                "title",
                "Two fights",
                "kind",
                "fight",
                "from",
                TODAY.minusDays(45).toString(),
                "on",
                TODAY.minusDays(40).toString(),
                "until",
                TODAY.toString());
        assertThat(Pelluna.post(at + "/is", form).body())
                .contains("Two fights")
                .containsPattern(said("losses.IncidentKind.FIGHT") + ", ")
                .containsPattern(said("behaviour.EventType.WOUND"));
        assertThat(Pelluna.post(
                                at + "/is",
                                Map.of(
                                        "title",
                                        "Two fights",
                                        "kind",
                                        "fight",
                                        "from",
                                        TODAY.toString(),
                                        "on",
                                        TODAY.minusDays(40).toString(),
                                        "until",
                                        TODAY.toString()))
                        .body())
                .containsPattern(said("app.incident.DayOutside"));
        assertThat(Pelluna.post(
                                at + "/is",
                                Map.of(
                                        "title",
                                        "Two fights",
                                        "kind",
                                        "fight",
                                        "from",
                                        TODAY.minusDays(300).toString(),
                                        "on",
                                        TODAY.minusDays(40).toString(),
                                        "until",
                                        TODAY.toString()))
                        .body())
                .containsPattern(said("app.incident.TooManyDays"));
        assertThat(Pelluna.post(
                                at + "/is",
                                Map.of(
                                        "title",
                                        " ",
                                        "kind",
                                        "fight",
                                        "from",
                                        TODAY.toString(),
                                        "on",
                                        TODAY.toString(),
                                        "until",
                                        TODAY.toString()))
                        .body())
                .containsPattern(said("app.incident.NameGone"));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThat(tank.post(BASE, Map.of("title", "", "kind", "crash", "on", TODAY.toString()))
                        .body())
                .containsPattern(said("app.incident.NoName"));
        assertThat(tank.post(
                                BASE,
                                Map.of(
                                        "title",
                                        "Later",
                                        "kind",
                                        "crash",
                                        "on",
                                        TODAY.plusDays(2).toString()))
                        .body())
                .containsPattern(said("app.incident.StillToCome"));
        assertThat(tank.post(BASE, Map.of("title", "When", "kind", "crash", "on", ""))
                        .body())
                .containsPattern(said("app.limits.NoDay"));
        assertThat(tank.post(BASE, Map.of("loss", "999999")).statusCode()).isEqualTo(404);
        assertThat(Pelluna.get(tank.at(BASE + "/999999")).statusCode()).isEqualTo(404);
    }

    @Test
    void aPageThatIsNotKeptLeavesTheLogAsItIs() {
        tank.act("wound", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(1)), "w");
        String at = path(tank.post(BASE, Map.of("title", "Something", "kind", "loss", "on", TODAY.toString())));
        assertThat(Pelluna.post(at + "/close", Map.of()).body())
                .containsPattern(said("page.incident.oneIncidentAllThatIsKnownOf"));
        assertThat(Pelluna.get(at).statusCode()).isEqualTo(404);
        assertThat(tank.page("/log")).containsPattern(said("behaviour.EventType.WOUND"));
    }

    @Test
    void whatWasSeenInQuarantineIsInIt() {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        tank.post("/tank", Map.of("quarantinePlaces", "1"));
        String fish = tank.page("/arrivals/quarantine")
                .replaceAll("(?s).*?name=\"fish\"[^>]*>.*?<option value=\"(\\w*\\d+)\".*", "$1");
        tank.post(
                "/arrivals/quarantine",
                Map.of("fish", fish, "place", "1", "on", TODAY.minusDays(3).toString()));
        String stay = tank.page("/arrivals/quarantine").replaceAll("(?s).*losses/new\\?stay=(\\d+).*", "$1");
        tank.post("/arrivals/quarantine/" + stay + "/look", Map.of("spots", "true", "note", "left flank"));
        tank.act("torn-fin", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(1)), "t");
        String page = tank.post(BASE, Map.of("title", "Spots", "kind", "outbreak", "on", TODAY.toString()))
                .body();
        assertThat(page)
                .containsPattern(said("page.quarantine.wentIntoQuarantine"))
                .containsPattern(said("page.quarantine.inQuarantine"))
                .containsPattern(said("losses.FirstSign"))
                .contains("left flank");
        tank.post("/losses", Map.of("stay", stay, "cause", "quarantine", "how", "lost"));
        String after = tank.page(BASE).replaceAll("(?s).*/incidents/(\\d+)\".*", "$1");
        assertThat(tank.page(BASE + "/" + after))
                .containsPattern(said("losses.Cause.QUARANTINE"))
                .doesNotContainPattern(said("page.incident.cameHomeIntoQuarantine"));
    }

    @Test
    void moreThanFitsIsSaid() {
        List<Observation> lines = new ArrayList<>();
        for (int i = 0; i < LogDays.MOST + 1; i++) {
            lines.add(Observation.of(
                    Pelluna.now().minus(Duration.ofHours(30)).plusSeconds(i), EventType.HIDES, tank.wrasse()));
        }
        Pelluna.bean(LogSheets.class).write(Pelluna.owned(tank.id), lines, Steps.UNSEEN);
        assertThat(tank.post(BASE, Map.of("title", "Long days", "kind", "loss", "on", TODAY.toString()))
                        .body())
                .containsPattern(said("page.incident.theLogHasMoreSignsAndNotes"));
    }
}
